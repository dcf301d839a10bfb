package app.blenner.server.site;

import app.blenner.core.house.HouseStyle;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The site's house style: its named styles, fonts, sizes and colours. */
@Service
@Transactional
public class HouseStyleService {
  private final SiteSettings settings;
  private final JsonMapper json;

  HouseStyleService(SiteSettings settings, JsonMapper json) {
    this.settings = settings;
    this.json = json;
  }

  /** The house style as it is now. */
  @Transactional(readOnly = true)
  public HouseStyle get() {
    String house = settings.get().house;
    return house.isEmpty() ? HouseStyle.PLAIN : json.readValue(house, HouseStyle.class);
  }

  /** Gives the site another house style. */
  public void set(HouseStyle house) {
    settings.change(s -> s.house = json.writeValueAsString(house));
  }
}
