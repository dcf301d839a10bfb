package app.blenner.server.problem;

import app.blenner.core.document.CancellationToken;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.jpa.JpaSystemException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingRequestHeaderException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Answers every error with problem details. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
  /** The SQLSTATE {@code character_not_in_repertoire}. */
  private static final String NO_SUCH_CHARACTER = "22021";

  private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

  private static ResponseEntity<Object> answer(HttpStatus status, String sentence) {
    ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, sentence);
    detail.setProperty(RequestNumber.NAME, RequestNumber.current());
    return ResponseEntity.status(status).body(detail);
  }

  @ExceptionHandler(Problem.class)
  ResponseEntity<Object> problem(Problem problem) {
    ResponseEntity<Object> answer = answer(problem.status(), problem.getMessage());
    problem.details().forEach(((ProblemDetail) answer.getBody())::setProperty);
    return answer;
  }

  /** What Spring itself refuses, such as a path it has no answer for. */
  @Override
  protected ResponseEntity<Object> createResponseEntity(
      Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
    if (body instanceof ProblemDetail detail) {
      detail.setProperty(RequestNumber.NAME, RequestNumber.current());
    }
    return super.createResponseEntity(body, headers, status, request);
  }

  @Override
  protected ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return answer(
        HttpStatus.UNPROCESSABLE_CONTENT,
        e.getFieldErrors().stream()
            .map(f -> f.getDefaultMessage())
            .distinct()
            .collect(Collectors.joining(" ")));
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return answer(HttpStatus.BAD_REQUEST, "What was sent could not be read; nothing was changed.");
  }

  @Override
  protected ResponseEntity<Object> handleMaxUploadSizeExceededException(
      MaxUploadSizeExceededException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    if (e.getMaxUploadSize() < 0 && !isTooLarge(e)) {
      return answer(
          HttpStatus.BAD_REQUEST,
          "The name of this file is too long to be sent. Give it a shorter one.");
    }
    return answer(
        HttpStatus.CONTENT_TOO_LARGE,
        "This file has more than 2 gigabytes, which is more than can be sent at once.");
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

  /** A change has to say on which state it builds, or it would wipe out what others did unasked. */
  @ExceptionHandler(MissingRequestHeaderException.class)
  ResponseEntity<Object> headerMissing(MissingRequestHeaderException e) {
    return answer(
        HttpStatus.PRECONDITION_REQUIRED,
        "A change has to say in “"
            + e.getHeaderName()
            + "” which revision it builds on. Nothing was changed; reload this page and try again.");
  }

  /** A store that cannot write or be reached, told apart from a mistake of ours. */
  @ExceptionHandler({UncheckedIOException.class, IOException.class})
  ResponseEntity<Object> store(Exception e) {
    LOG.error("the store", e);
    return Problem.isDiskFull(e)
        ? answer(HttpStatus.INSUFFICIENT_STORAGE, Problem.DISK_FULL)
        : answer(
            HttpStatus.SERVICE_UNAVAILABLE,
            "The place where files are kept could not be reached; nothing was changed. Please try again.");
  }

  /** A database that cannot write or be reached. */
  @ExceptionHandler({
    DataAccessResourceFailureException.class,
    CannotCreateTransactionException.class,
    TransactionSystemException.class,
    JpaSystemException.class
  })
  ResponseEntity<Object> database(RuntimeException e) {
    LOG.error("the database", e);
    return Problem.isDiskFull(e)
        ? answer(HttpStatus.INSUFFICIENT_STORAGE, Problem.DISK_FULL)
        : answer(HttpStatus.SERVICE_UNAVAILABLE, Problem.ofDatabase(e));
  }

  /** Two did the same thing in one moment, and the other was first; what a retry did not settle. */
  @ExceptionHandler({DataIntegrityViolationException.class, ConcurrencyFailureException.class})
  ResponseEntity<Object> race(RuntimeException e) {
    String state = RetryOnConflict.sqlState(e);
    if (state.equals(NO_SUCH_CHARACTER)) {
      return answer(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "Something in this holds a character that no text may hold (U+0000). Nothing was changed; take it out.");
    }
    if (state.startsWith("22")) {
      return answer(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "Something in this is longer than what can be kept. Nothing was changed; make it shorter.");
    }
    LOG.warn("a race: {}", e.getMessage());
    return answer(
        HttpStatus.CONFLICT,
        "Somebody else changed this in the same moment, and was first. Nothing of yours was changed;"
            + " look at it again and try once more.");
  }

  /** Work that was stopped, since nobody waited for it or it took too long. */
  @ExceptionHandler(CancellationException.class)
  ResponseEntity<Object> stopped(CancellationException e) {
    LOG.warn("work was stopped: {}", e.getMessage());
    if (e instanceof CancellationToken.Overloaded) {
      return answer(HttpStatus.SERVICE_UNAVAILABLE, Problem.BUSY);
    }
    return answer(
        HttpStatus.UNPROCESSABLE_CONTENT,
        "This takes longer than half a minute, so it was stopped. Nothing was changed; take a part of the text at a time.");
  }

  @ExceptionHandler(RuntimeException.class)
  ResponseEntity<Object> unforeseen(RuntimeException e) {
    if (Problem.isDiskFull(e)) {
      return store(e);
    }
    LOG.error("unforeseen", e);
    return answer(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "Blenner made a mistake and changed nothing. Your text is still in this window;"
            + " please try again.");
  }
}
