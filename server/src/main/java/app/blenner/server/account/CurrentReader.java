package app.blenner.server.account;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Who reads a page, where it is somebody who is signed in. */
@Component
public class CurrentReader {
  private final SignIns signIns;

  CurrentReader(SignIns signIns) {
    this.signIns = signIns;
  }

  /** What the person is called who asks. */
  public Optional<String> nameOf(HttpServletRequest request) {
    String secret = BrowserSession.secretOf(request);
    return secret == null ? Optional.empty() : signIns.who(secret).map(Account::name);
  }
}
