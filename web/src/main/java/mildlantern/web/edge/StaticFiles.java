package mildlantern.web.edge;

import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.VersionResourceResolver;

/**
 * Serves styles, scripts and fonts by their folders. A handler for every address would look into each library for each link of a
 * page, which took two fifths of a page's time.
 */
@Configuration(proxyBeanMethods = false)
class StaticFiles implements WebMvcConfigurer {
    /** What everybody gets, signed in or not: the pages before the sign-in need it. */
    static final List<String> FOR_ALL =
            List.of("frame", "casework", "treatment", "pestclock", "climate", "handwork", "season", "sign", "fonts");

    private static final List<String> FOLDERS =
            Stream.concat(FOR_ALL.stream(), Stream.of("plan")).toList();
    private static final CacheControl A_MONTH = CacheControl.maxAge(Duration.ofDays(30));

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        for (String folder : FOLDERS) {
            registry.addResourceHandler("/" + folder + "/**")
                    .addResourceLocations("classpath:/static/" + folder + "/")
                    .setCacheControl(A_MONTH)
                    .resourceChain(true)
                    .addResolver(new VersionResourceResolver().addContentVersionStrategy("/**"));
        }
        registry.addResourceHandler("/exchange/*.json").addResourceLocations("classpath:/static/exchange/");
        registry.addResourceHandler("/webjars/**")
                .addResourceLocations("classpath:/META-INF/resources/webjars/")
                .setCacheControl(A_MONTH)
                .resourceChain(true);
    }
}
