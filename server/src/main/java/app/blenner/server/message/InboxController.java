package app.blenner.server.message;

import app.blenner.core.signoff.Right;
import app.blenner.server.account.AccountService;
import app.blenner.server.message.MessageService.Inbox;
import app.blenner.server.message.MessageService.MessageView;
import app.blenner.server.revision.IfMatch;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The inbox of the editor. */
@RestController
@RequestMapping("/editor/api/messages")
class InboxController {
  record Reading(boolean read) {}

  private final MessageService messages;

  InboxController(MessageService messages) {
    this.messages = messages;
  }

  @GetMapping
  Inbox inbox() {
    AccountService.needs(Right.READ_MESSAGES);
    return messages.inbox();
  }

  @PutMapping("/{id}")
  @Transactional
  MessageView read(
      @PathVariable long id,
      @RequestBody Reading reading,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.READ_MESSAGES);
    seen.check("this message", messages.viewOf(id));
    return messages.read(id, reading.read());
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Transactional
  void delete(@PathVariable long id, @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.READ_MESSAGES);
    seen.check("this message", messages.viewOf(id));
    messages.delete(id);
  }
}
