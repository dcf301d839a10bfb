package app.blenner.server.account;

import app.blenner.server.problem.Problem;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * How each person has set the editor up for themselves: what each setting means is the editor's affair, that it is there at
 * every machine is this one's.
 */
@Service
@Transactional
class OwnSettings {
  private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9-]{0,39}");

  /** Most settings of one person. */
  static final int MOST = 60;

  /** Most letters of one setting. */
  static final int LONGEST = 20_000;

  private final OwnSettingRepository settings;
  private final JsonMapper json;

  OwnSettings(OwnSettingRepository settings, JsonMapper json) {
    this.settings = settings;
    this.json = json;
  }

  /** All that somebody has set, by name. */
  @Transactional(readOnly = true)
  Map<String, Object> of(long account) {
    Map<String, Object> out = new TreeMap<>();
    settings
        .findByAccountId(account)
        .forEach(s -> out.put(s.name, json.readValue(s.written, Object.class)));
    return out;
  }

  /** What somebody has set under a name. */
  @Transactional(readOnly = true)
  Optional<Object> of(long account, String name) {
    return settings
        .findById(account + "/" + name)
        .map(s -> json.readValue(s.written, Object.class));
  }

  /** Sets something, in the place of what was set under this name. */
  void set(long account, String name, Object value) {
    String written = value == null ? "" : json.writeValueAsString(value);
    if (!NAME.matcher(name).matches() || written.isEmpty()) {
      throw Problem.unusable("This is no setting.");
    }
    if (written.length() > LONGEST) {
      throw Problem.unusable("This setting is too long to be kept.");
    }
    String id = account + "/" + name;
    OwnSettingEntity one = settings.findById(id).orElse(null);
    if (one == null) {
      if (settings.findByAccountId(account).size() >= MOST) {
        throw Problem.unusable("More settings than can be kept.");
      }
      one = new OwnSettingEntity();
      one.id = id;
      one.accountId = account;
      one.name = name;
    }
    one.written = written;
    settings.save(one);
  }

  /** Sets something back to what everybody begins with. */
  void reset(long account, String name) {
    settings.findById(account + "/" + name).ifPresent(settings::delete);
  }

  /** Sets everything back. */
  void resetAll(long account) {
    settings.deleteByAccountId(account);
  }
}
