package app.blenner.server.problem;

import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.http.HttpStatus;
import tools.jackson.databind.json.JsonMapper;

/** Problem details (RFC 9457) for answers that are given before or behind Spring's own, with the request's number. */
public final class ProblemJson {
  private ProblemJson() {}

  /**
   * The problem as JSON.
   *
   * @param more further members
   */
  public static byte[] of(int status, String sentence, Map<String, Object> more) {
    HttpStatus known = HttpStatus.resolve(status);
    Map<String, Object> problem = new LinkedHashMap<>();
    problem.put("status", status);
    problem.put("title", known == null ? "Error" : known.getReasonPhrase());
    problem.put("detail", sentence);
    problem.put(RequestNumber.NAME, RequestNumber.current());
    problem.putAll(more);
    return JsonMapper.shared().writeValueAsBytes(problem);
  }
}
