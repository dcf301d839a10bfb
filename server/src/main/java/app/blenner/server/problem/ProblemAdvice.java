package app.blenner.server.problem;

import java.io.UncheckedIOException;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Answers every error with problem details. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

  @ExceptionHandler(Problem.class)
  ResponseEntity<ProblemDetail> problem(Problem problem) {
    ProblemDetail detail = ProblemDetail.forStatusAndDetail(problem.status(), problem.getMessage());
    problem.details().forEach(detail::setProperty);
    return ResponseEntity.status(problem.status()).body(detail);
  }

  @Override
  protected ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    String sentence =
        e.getFieldErrors().stream()
            .map(f -> f.getDefaultMessage())
            .distinct()
            .collect(Collectors.joining(" "));
    return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT)
        .body(ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, sentence));
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return ResponseEntity.badRequest()
        .body(
            ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST, "What was sent could not be read; nothing was changed."));
  }

  @Override
  protected ResponseEntity<Object> handleMaxUploadSizeExceededException(
      MaxUploadSizeExceededException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    if (e.getMaxUploadSize() < 0 && !isTooLarge(e)) {
      return ResponseEntity.badRequest()
          .body(
              ProblemDetail.forStatusAndDetail(
                  HttpStatus.BAD_REQUEST,
                  "The name of this file is too long to be sent. Give it a shorter one."));
    }
    return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE)
        .body(
            ProblemDetail.forStatusAndDetail(
                HttpStatus.CONTENT_TOO_LARGE,
                "This file has more than 2 gigabytes, which is more than can be sent at once."));
  }

  /** Whether it was the file that was too large, and not what is said of it. */
  private static boolean isTooLarge(Throwable e) {
    for (Throwable at = e; at != null; at = at.getCause()) {
      if (at.getClass().getSimpleName().contains("SizeLimitExceeded")) {
        return true;
      }
    }
    return false;
  }

  /** A store that cannot write or be reached, told apart from a mistake of ours. */
  @ExceptionHandler(UncheckedIOException.class)
  ResponseEntity<ProblemDetail> store(UncheckedIOException e) {
    LOG.error("the store", e);
    HttpStatus status =
        Problem.isDiskFull(e) ? HttpStatus.INSUFFICIENT_STORAGE : HttpStatus.SERVICE_UNAVAILABLE;
    String sentence =
        Problem.isDiskFull(e)
            ? Problem.DISK_FULL
            : "The place where files are kept could not be reached; nothing was changed. Please try again.";
    return ResponseEntity.status(status).body(ProblemDetail.forStatusAndDetail(status, sentence));
  }

  @ExceptionHandler(RuntimeException.class)
  ResponseEntity<ProblemDetail> unforeseen(RuntimeException e) {
    LOG.error("unforeseen", e);
    return ResponseEntity.internalServerError()
        .body(
            ProblemDetail.forStatusAndDetail(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Blenner made a mistake and changed nothing. Your text is still in this window;"
                    + " please try again."));
  }
}
