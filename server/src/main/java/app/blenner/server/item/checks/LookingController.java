package app.blenner.server.item.checks;

import app.blenner.core.signoff.Right;
import app.blenner.server.account.AccountService;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How far Blenner has come with looking again at items that a snippet, a kind or a rule has changed. */
@RestController
@RequestMapping("/editor/api/looking")
class LookingController {
  record LookingInput(@NotNull Boolean stopped) {}

  private final RecheckJob recheckJob;

  LookingController(RecheckJob recheckJob) {
    this.recheckJob = recheckJob;
  }

  @GetMapping
  RecheckJob.Looking standing() {
    return recheckJob.standing();
  }

  @PutMapping
  RecheckJob.Looking stop(@Valid @RequestBody LookingInput given) {
    AccountService.needs(Right.SET_UP);
    recheckJob.stop(given.stopped());
    return recheckJob.standing();
  }
}
