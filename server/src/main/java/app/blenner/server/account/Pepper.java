package app.blenner.server.account;

import app.blenner.server.BlennerSettings;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.security.GeneralSecurityException;
import java.util.Base64;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.stereotype.Component;

/**
 * A secret beside the database that goes into every password before it is hashed (NIST SP 800-63B, section 5.1.1.2): whoever
 * has a copy of the database alone can try none.
 */
@Component
class Pepper {
  private static final String NAME = "pepper";
  private static final int BYTES = 32;

  private final byte[] secret;

  Pepper(BlennerSettings settings) throws IOException {
    Path file = settings.dataFolder().resolve(NAME);
    if (!Files.exists(file)) {
      try {
        Files.createDirectories(file.getParent());
        Files.write(file, Secrets.random(BYTES), StandardOpenOption.CREATE_NEW);
      } catch (FileAlreadyExistsException other) {
        // Made in the same moment.
      }
    }
    secret = Files.readAllBytes(file);
  }

  /** A password with the secret in it, as letters that any hash takes whole. */
  String with(String password) {
    try {
      Mac mac = Mac.getInstance("HmacSHA256");
      mac.init(new SecretKeySpec(secret, "HmacSHA256"));
      return Base64.getEncoder()
          .encodeToString(mac.doFinal(password.getBytes(StandardCharsets.UTF_8)));
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException(e);
    }
  }
}
