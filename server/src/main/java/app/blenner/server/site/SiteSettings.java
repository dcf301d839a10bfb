package app.blenner.server.site;

import app.blenner.server.change.ChangeBus;
import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import jakarta.persistence.PersistenceException;
import java.util.function.Consumer;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** The one row that holds the settings of the site, for the services that each look after a part of it. */
@Component
class SiteSettings {
  private static final int ONLY = 1;

  private final SettingRepository settings;
  private final EntityManager entities;
  private final ChangeBus changes;

  SiteSettings(SettingRepository settings, EntityManager entities, ChangeBus changes) {
    this.entities = entities;
    this.settings = settings;
    this.changes = changes;
  }

  /**
   * The settings as they are; those of a new site where nothing was set yet. Whoever may change them has their row made first:
   * of two who set the first ones, one has to see the other’s.
   */
  SettingEntity get() {
    boolean mayChange =
        TransactionSynchronizationManager.isActualTransactionActive()
            && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
    return settings
        .findById(ONLY)
        .orElseGet(() -> mayChange ? settings.saveAndFlush(ofNewSite()) : ofNewSite());
  }

  /** Changes settings that readers see something of. */
  void change(Consumer<SettingEntity> change) {
    changeQuietly(change);
    changes.publish(new SiteChanged());
  }

  /** Changes settings that readers see nothing of. */
  void changeQuietly(Consumer<SettingEntity> change) {
    SettingEntity setting = get();
    change.accept(setting);
    settings.save(setting);
  }

  /** Lets nobody else change what only one may change at a time, until the transaction ends: how sections stand. */
  void hold() {
    if (!settings.existsById(ONLY)) {
      get();
    }
    entities.flush();
    try {
      entities.find(SettingEntity.class, ONLY, LockModeType.PESSIMISTIC_FORCE_INCREMENT);
    } catch (PersistenceException e) {
      // What was read before somebody else was quicker is old; asked again, it is not.
      throw new ConcurrencyFailureException("the settings of the site", e);
    }
  }

  static SettingEntity ofNewSite() {
    SettingEntity made = new SettingEntity();
    made.id = ONLY;
    made.name = "A new site";
    made.tagline = "";
    made.language = "en";
    return made;
  }
}
