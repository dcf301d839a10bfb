package app.blenner.server.item;

import app.blenner.core.signoff.Right;
import app.blenner.server.account.AccountService;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How far Blenner has come with looking anew at items that a snippet, a kind or a rule has changed. */
@RestController
@RequestMapping("/editor/api/looking")
class LookingController {
  record LookingInput(@NotNull Boolean stopped) {}

  private final Judging judging;

  LookingController(Judging judging) {
    this.judging = judging;
  }

  @GetMapping
  Judging.Looking standing() {
    return judging.standing();
  }

  @PutMapping
  Judging.Looking stop(@Valid @RequestBody LookingInput given) {
    AccountService.needs(Right.SET_UP);
    judging.stop(given.stopped());
    return judging.standing();
  }
}
