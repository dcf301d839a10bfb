package app.blenner.server.account;

import app.blenner.server.BlennerSettings;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Base64;
import org.springframework.stereotype.Component;

/** In the place of a mail server: letters lie as files by RFC 5322 in the data folder, where only its owner reads them. */
@Component
class MailStandIn {
  private final Path folder;
  private final Clock clock;

  MailStandIn(BlennerSettings settings, Clock clock) {
    this.folder = settings.dataFolder().resolve("mail");
    this.clock = clock;
  }

  /** Tells somebody that the way they sign in was changed, so that they notice where it was not them. */
  void tellOfChange(Account who, String what) {
    send(
        who,
        "Your account",
        "Dear "
            + who.name()
            + ",\n\n"
            + what
            + " If that was not you, tell whoever looks after the site at once.\n");
  }

  /** Sends a letter to somebody, if what they sign in with is an address of theirs. */
  void send(Account to, String subject, String text) {
    if (!to.signIn().matches("[^@\\s]+@[^@\\s]+")) {
      return;
    }
    String now =
        DateTimeFormatter.RFC_1123_DATE_TIME.format(
            ZonedDateTime.ofInstant(clock.instant(), ZoneOffset.UTC));
    String letter =
        "Date: "
            + now
            + "\r\nTo: "
            + to.signIn()
            + "\r\nSubject: =?UTF-8?B?"
            + Base64.getEncoder().encodeToString(subject.getBytes(StandardCharsets.UTF_8))
            + "?=\r\nMIME-Version: 1.0\r\nContent-Type: text/plain; charset=utf-8\r\n"
            + "Content-Transfer-Encoding: base64\r\n\r\n"
            + Base64.getMimeEncoder().encodeToString(text.getBytes(StandardCharsets.UTF_8))
            + "\r\n";
    try {
      Files.createDirectories(folder);
      Files.writeString(Files.createTempFile(folder, "letter-", ".eml"), letter);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
