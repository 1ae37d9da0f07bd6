package app.dantro.server.guard;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** The parts of the program bear the name of their content: a browser may keep them; the page that names them it may not. */
@Configuration
class KeptFiles implements WebMvcConfigurer {
    private static final Duration A_YEAR = Duration.ofDays(365);

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(A_YEAR).cachePublic().immutable());
    }
}
