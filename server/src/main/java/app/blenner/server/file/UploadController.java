package app.blenner.server.file;

import app.blenner.server.account.AccountService;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** Takes files by the protocol tus 1.0, each for the person who sends it. */
@Controller
@Hidden
class UploadController {
  private final Uploads uploads;

  UploadController(Uploads uploads) {
    this.uploads = uploads;
  }

  @RequestMapping({Uploads.PATH, Uploads.PATH + "/{id}"})
  void answer(HttpServletRequest request, HttpServletResponse response) throws IOException {
    uploads.answer(request, response, AccountService.current().owner());
  }
}
