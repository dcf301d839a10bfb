package app.blenner.server.account;

import app.blenner.server.account.SessionController.Person;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Adding and removing passkeys, and signing in with one. */
@RestController
class PasskeyController {
  private static final String MUCH = "This is too long for a passkey.";

  record Removal(
      @NotNull @Size(max = 1400, message = MUCH) String id,
      @Valid @NotNull MeController.Sure sure) {}

  /** A new passkey as the browser gives it; bytes are written in base64url. */
  record NewPasskey(
      @NotNull String name,
      @NotNull @Size(max = 1400, message = MUCH) String id,
      @NotNull @Size(max = 10_000, message = MUCH) String clientData,
      @NotNull @Size(max = 100_000, message = MUCH) String attestation,
      @NotNull @Size(max = 200, message = MUCH) String transports) {}

  /** What a device signed; bytes are written in base64url. */
  record SignedPasskey(
      @NotNull @Size(max = 1400, message = MUCH) String id,
      @NotNull @Size(max = 10_000, message = MUCH) String clientData,
      @NotNull @Size(max = 10_000, message = MUCH) String authenticatorData,
      @NotNull @Size(max = 10_000, message = MUCH) String signature,
      @NotNull @Size(max = 200, message = MUCH) String user) {}

  private final Passkeys passkeys;
  private final LoginService signingIn;
  private final SessionController sessions;
  private final MailStandIn mail;

  PasskeyController(
      Passkeys passkeys, LoginService signingIn, SessionController sessions, MailStandIn mail) {
    this.passkeys = passkeys;
    this.signingIn = signingIn;
    this.sessions = sessions;
    this.mail = mail;
  }

  private static Account me() {
    return AccountService.current();
  }

  @GetMapping("/editor/api/me/passkeys")
  List<Passkeys.PasskeyView> passkeys() {
    return passkeys.of(me());
  }

  @PostMapping("/editor/api/me/passkeys/offer")
  Passkeys.Offer offerPasskey(
      @Valid @RequestBody MeController.Sure sure, HttpServletRequest request) {
    signingIn.confirmAll(me(), sure.password(), sure.code(), request.getRemoteAddr());
    return passkeys.offer(me());
  }

  @PostMapping("/editor/api/me/passkeys")
  Passkeys.PasskeyView addPasskey(@Valid @RequestBody NewPasskey given) {
    Passkeys.PasskeyView added =
        passkeys.add(
            me(),
            given.name,
            new Passkeys.Made(given.id, given.clientData, given.attestation, given.transports));
    mail.tellOfChange(me(), "A passkey was added to your account.");
    return added;
  }

  @PostMapping("/editor/api/me/passkeys/removal")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void removePasskey(@Valid @RequestBody Removal given, HttpServletRequest request) {
    signingIn.confirmAll(me(), given.sure.password(), given.sure.code(), request.getRemoteAddr());
    passkeys.remove(me(), given.id);
    mail.tellOfChange(me(), "A passkey was removed from your account.");
  }

  @PostMapping("/editor/api/session/passkey/offer")
  Passkeys.Request askForPasskey() {
    return passkeys.ask();
  }

  @PostMapping("/editor/api/session/passkey")
  Person signInWithPasskey(
      @Valid @RequestBody SignedPasskey given,
      HttpServletRequest request,
      HttpServletResponse response) {
    Account who =
        passkeys.judge(
            new Passkeys.Signed(
                given.id, given.clientData, given.authenticatorData, given.signature, given.user));
    return sessions.remember(who, request, response);
  }
}
