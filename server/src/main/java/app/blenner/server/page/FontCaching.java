package app.blenner.server.page;

import java.util.concurrent.TimeUnit;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Fonts are kept for a year: whoever exchanges one counts up the number behind its address. */
@Configuration
class FontCaching implements WebMvcConfigurer {
  private static final int DAYS = 365;

  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler("/editor/fonts/**")
        .addResourceLocations("classpath:/static/editor/fonts/")
        .setCacheControl(CacheControl.maxAge(DAYS, TimeUnit.DAYS).cachePublic().immutable());
  }
}
