package app.blenner.server.item.stages;

import app.blenner.core.signoff.Action;
import app.blenner.server.account.AccountService;
import app.blenner.server.item.content.ItemViews.Act;
import app.blenner.server.item.content.ItemViews.ItemState;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Takes one item from stage to stage. */
@RestController
@RequestMapping("/editor/api/items/{key}/actions")
class StageController {
  private final StageService stages;

  StageController(StageService stages) {
    this.stages = stages;
  }

  @PostMapping("/{action}")
  ItemState act(
      @PathVariable String key, @PathVariable Action action, @Valid @RequestBody Act act) {
    return stages.act(key, action, act.revision(), AccountService.current());
  }
}
