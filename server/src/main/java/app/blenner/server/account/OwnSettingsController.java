package app.blenner.server.account;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** How each person has set the editor up for themselves. */
@RestController
@RequestMapping("/editor/api/me/settings")
class OwnSettingsController {
  /** A setting, as any JSON. */
  record OwnSetting(@NotNull Object value) {}

  /** All that somebody has set, by name. */
  record AllOwnSettings(Map<String, Object> settings) {}

  private final OwnSettings settings;

  OwnSettingsController(OwnSettings settings) {
    this.settings = settings;
  }

  private static long me() {
    return AccountService.current().id();
  }

  @GetMapping
  AllOwnSettings settings() {
    return new AllOwnSettings(settings.of(me()));
  }

  @PutMapping("/{setting}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void change(@PathVariable String setting, @Valid @RequestBody OwnSetting given) {
    settings.set(me(), setting, given.value);
  }

  @DeleteMapping("/{setting}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void reset(@PathVariable String setting) {
    settings.reset(me(), setting);
  }

  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void resetAll() {
    settings.resetAll(me());
  }
}
