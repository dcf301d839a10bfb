package app.blenner.server.problem;

import org.springframework.boot.webmvc.autoconfigure.WebMvcRegistrations;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerAdapter;
import org.springframework.web.servlet.mvc.method.annotation.ServletInvocableHandlerMethod;

/**
 * The one second try, for every changing request: where another was quicker, the request sees what that one did and
 * answers to it in its own words. What was sent has been read by then, and is the same each time.
 */
@Component
class Retrying implements WebMvcRegistrations {

  @Override
  public RequestMappingHandlerAdapter getRequestMappingHandlerAdapter() {
    return new RequestMappingHandlerAdapter() {
      @Override
      protected ServletInvocableHandlerMethod createInvocableHandlerMethod(HandlerMethod method) {
        return new Patient(method);
      }
    };
  }

  private static final class Patient extends ServletInvocableHandlerMethod {
    Patient(HandlerMethod method) {
      super(method);
    }

    @Override
    protected Object doInvoke(Object... values) throws Exception {
      return RetryOnConflict.callChecked(() -> super.doInvoke(values));
    }
  }
}
