package app.bittern.server.plan;

import app.bittern.server.account.Asking;
import app.bittern.server.account.Who;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/// What the endpoints of a plan are handed: the plan that `/api/sites/{site}/{plan}` names, and who is asking.
@Configuration
class PlanArguments implements WebMvcConfigurer {
    private final Plans plans;

    PlanArguments(Plans plans) {
        this.plans = plans;
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(new OfType(Asked.class) {
            @Override
            Object of(HttpServletRequest request) {
                return plans.asked(variable(request, "site"), variable(request, "plan"));
            }
        });
        resolvers.add(new OfType(Who.class) {
            @Override
            Object of(HttpServletRequest request) {
                return who(request);
            }
        });
        resolvers.add(new OfType(Change.Author.class) {
            @Override
            Object of(HttpServletRequest request) {
                return author(request);
            }
        });
    }

    private static String variable(HttpServletRequest request, String name) {
        Object variables = request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        return variables instanceof Map<?, ?> map && map.get(name) instanceof String value ? value : "";
    }

    private static Change.Author author(HttpServletRequest request) {
        return Change.Author.of(who(request));
    }

    private static Who who(HttpServletRequest request) {
        return Asking.who(request).orElseThrow(Asking::nobody);
    }

    /// Hands in parameters of a type.
    private abstract static class OfType implements HandlerMethodArgumentResolver {
        private final Class<?> type;

        OfType(Class<?> type) {
            this.type = type;
        }

        abstract Object of(HttpServletRequest request);

        @Override
        public boolean supportsParameter(MethodParameter parameter) {
            return parameter.getParameterType() == type;
        }

        @Override
        public @Nullable Object resolveArgument(
                MethodParameter parameter,
                @Nullable ModelAndViewContainer container,
                NativeWebRequest web,
                @Nullable WebDataBinderFactory binders) {
            HttpServletRequest request = web.getNativeRequest(HttpServletRequest.class);
            if (request == null) {
                throw new IllegalStateException("a request that is none of HTTP");
            }
            return of(request);
        }
    }
}
