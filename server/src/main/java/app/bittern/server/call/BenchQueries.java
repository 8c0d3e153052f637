package app.bittern.server.call;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/// Reads the bench of an address as it stands there. A binder, which can do much more, takes ten times as long, and
/// parts what is given once at each comma.
@Configuration
class BenchQueries implements HandlerMethodArgumentResolver, WebMvcConfigurer {
    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == BenchQuery.class;
    }

    @Override
    public BenchQuery resolveArgument(
            MethodParameter parameter,
            @Nullable ModelAndViewContainer container,
            NativeWebRequest request,
            @Nullable WebDataBinderFactory binders) {
        return new BenchQuery(
                request.getParameter("from"),
                request.getParameter("at"),
                request.getParameter("keys"),
                all(request, "phone"),
                all(request, "turned"),
                all(request, "agent"),
                all(request, "waiting"));
    }

    private static @Nullable List<String> all(NativeWebRequest request, String name) {
        String[] values = request.getParameterValues(name);
        return values == null ? null : List.of(values);
    }
}
