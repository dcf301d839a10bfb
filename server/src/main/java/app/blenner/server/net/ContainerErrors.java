package app.blenner.server.net;

import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** What Tomcat itself refuses, such as an address that is none, in our words instead of in its own. */
public final class ContainerErrors extends ErrorReportValve {
  private static final Logger LOG = LoggerFactory.getLogger(ContainerErrors.class);

  @Override
  protected void report(Request request, Response response, Throwable failure) {
    int status = response.getStatus();
    if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
      return;
    }
    if (failure != null && status >= 500) {
      LOG.error("a request that nothing else answered", failure);
    }
    try {
      FallbackAnswers.send(request, response, status, FallbackAnswers.sentence(status));
      response.finishResponse();
    } catch (IOException | IllegalStateException gone) {
      // Nobody is there any more to be told.
      LOG.debug("an error could not be told", gone);
    }
  }
}
