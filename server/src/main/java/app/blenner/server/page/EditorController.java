package app.blenner.server.page;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Every screen of the editor is the one page that the front end fills. */
@Controller
class EditorController {

  @GetMapping({
    "/editor",
    "/editor/",
    "/editor/worklist",
    "/editor/sections",
    "/editor/assets",
    "/editor/assets/{name}",
    "/editor/set-up",
    "/editor/inbox",
    "/editor/report",
    "/editor/report/links",
    "/editor/account",
    "/editor/set-password",
    "/editor/sign-in",
    "/editor/first-account",
    "/editor/items/{key}"
  })
  String editor() {
    return "forward:/editor/index.html";
  }
}
