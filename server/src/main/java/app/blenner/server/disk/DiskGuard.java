package app.blenner.server.disk;

import app.blenner.server.BlennerSettings;
import app.blenner.server.problem.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.file.Path;
import java.util.Set;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Lets nothing begin that writes, where the disk has no room for it to end. Signing in and out go on, and so does reading. */
@Configuration
class DiskGuard implements WebMvcConfigurer, HandlerInterceptor {
  private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

  private final Path folder;

  DiskGuard(BlennerSettings settings) {
    this.folder = settings.dataFolder();
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry
        .addInterceptor(this)
        .addPathPatterns("/editor/api/**", "/site/contact/**")
        .excludePathPatterns(
            "/editor/api/session/**", "/editor/api/writing/**", "/editor/api/intake/tidy/**");
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    if (!READING.contains(request.getMethod())
        && !request.getMethod().equals("DELETE")
        && !Reserve.mayWrite(folder)) {
      throw new Problem(HttpStatus.INSUFFICIENT_STORAGE, Problem.DISK_FULL);
    }
    return true;
  }
}
