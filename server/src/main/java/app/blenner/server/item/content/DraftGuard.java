package app.blenner.server.item.content;

import app.blenner.core.item.Stage;
import app.blenner.core.signoff.Right;
import app.blenner.server.account.Account;
import app.blenner.server.account.AccountService;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.problem.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Lazy;
import org.springframework.http.HttpStatus;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Keeps drafts to those who write them and those who may read others': wherever an address of the editor names an item by
 * its key, also one that is added later.
 */
@Configuration
public class DraftGuard implements WebMvcConfigurer, HandlerInterceptor {
  private final ItemRepository items;

  DraftGuard(@Lazy ItemRepository items) {
    this.items = items;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this).addPathPatterns("/editor/api/**", "/editor/proof/**");
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    Object named = request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
    if (named instanceof Map<?, ?> variables && variables.get("key") instanceof String key) {
      mayRead(List.of(key));
    }
    return true;
  }

  /**
   * Lets somebody go on who may read all of these items.
   *
   * @throws Problem with what they are told
   */
  public void mayRead(Collection<String> keys) {
    Account who = AccountService.current();
    if (!who.role().hasRight(Right.READ_OTHERS_DRAFTS)
        && items.countOthersDrafts(keys, who.id(), Stage.DRAFT) > 0) {
      throw new Problem(HttpStatus.FORBIDDEN, Right.READ_OTHERS_DRAFTS.refusal());
    }
  }
}
