package mildlantern.web.platform;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Objects;
import mildlantern.place.StopId;
import mildlantern.web.words.Quantities;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.ToStringSerializer;

/** What handlers are given: ids, which stand in addresses and forms as the bare number that they hold (and stops in JSON), and a {@link Reply}. */
@Configuration(proxyBeanMethods = false)
class HandlerConfiguration implements WebMvcConfigurer {
    @Override
    public void addFormatters(FormatterRegistry registry) {
        registry.addConverter(new IdsInText());
        Quantities.register(registry);
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(new HandlerMethodArgumentResolver() {
            @Override
            public boolean supportsParameter(MethodParameter parameter) {
                return parameter.getParameterType() == Reply.class;
            }

            @Override
            public Reply resolveArgument(
                    MethodParameter parameter,
                    @Nullable ModelAndViewContainer container,
                    NativeWebRequest request,
                    @Nullable WebDataBinderFactory binders) {
                return new Reply(
                        Objects.requireNonNull(container).getModel(),
                        Objects.requireNonNull(request.getNativeRequest(HttpServletRequest.class)),
                        Objects.requireNonNull(request.getNativeResponse(HttpServletResponse.class)));
            }
        });
    }

    @Bean
    static JacksonModule idsInJson() {
        return new SimpleModule("ids")
                .addSerializer(StopId.class, ToStringSerializer.instance)
                .addDeserializer(StopId.class, new StdDeserializer<>(StopId.class) {
                    @Override
                    public StopId deserialize(JsonParser parser, DeserializationContext context) {
                        return StopId.of(parser.getString());
                    }
                });
    }
}
