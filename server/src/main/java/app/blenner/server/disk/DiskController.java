package app.blenner.server.disk;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the people who look after the site should know, before it is too late. */
@RestController
class DiskController {

  /**
   * @param sentence empty where all is well
   */
  record Warning(String sentence) {}

  private final DiskService disk;

  DiskController(DiskService disk) {
    this.disk = disk;
  }

  @GetMapping("/editor/api/warning")
  Warning warning() {
    return new Warning(disk.warning());
  }
}
