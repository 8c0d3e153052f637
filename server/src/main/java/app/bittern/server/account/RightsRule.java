package app.bittern.server.account;

import app.bittern.plan.Problem;
import app.bittern.server.Refusal;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.http.HttpStatus;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/// The one rule of who may ask what: each endpoint says what it needs ([Needs]), and nothing is read of a request
/// before that is met.
@Configuration
class RightsRule implements HandlerInterceptor, WebMvcConfigurer {
    private final SecurityLog log;

    RightsRule(SecurityLog log) {
        this.log = log;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/**");
    }

    /// What an endpoint needs; empty where it does not say.
    static Optional<Need> needOf(HandlerMethod endpoint) {
        return Optional.ofNullable(AnnotatedElementUtils.findMergedAnnotation(endpoint.getMethod(), Needs.class))
                .or(() -> Optional.ofNullable(
                        AnnotatedElementUtils.findMergedAnnotation(endpoint.getBeanType(), Needs.class)))
                .map(Needs::value);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        // An answer that takes long, as events do, is dispatched once more at its end: it was let when it began.
        if (!(handler instanceof HandlerMethod endpoint) || request.getDispatcherType() == DispatcherType.ASYNC) {
            return true;
        }
        Need need =
                needOf(endpoint).orElseThrow(() -> new IllegalStateException(endpoint + " does not say what it needs"));
        if (need == Need.NOTHING) {
            return true;
        }
        check(need, Asking.who(request).orElseThrow(Asking::nobody), site(request), request.getMethod());
        return true;
    }

    private void check(Need need, Who who, Optional<String> site, String method) {
        if (who.mustChange() && need != Need.PERSON) {
            throw new Refusal(HttpStatus.FORBIDDEN, List.of("Choose a password of your own first."));
        }
        String key = site.orElse("");
        boolean hidden = site.isPresent() && !who.rights().has(Right.LOOK, key);
        if (hidden || !need.isMet(who, key)) {
            log.noteRefused(who.name(), site.map(Problem::shown), need, method);
            // That there is such a site is nobody's to know who may not look at it.
            throw hidden
                    ? Refusal.missing("There is no site '" + Problem.shown(key) + "' that you may look at.")
                    : new Refusal(HttpStatus.FORBIDDEN, List.of(need.says()));
        }
        if (who.closed().contains(key)) {
            throw new Refusal(
                    HttpStatus.FORBIDDEN,
                    List.of("This site asks for a second factor: switch it on under your account, and sign in again."));
        }
    }

    private static Optional<String> site(HttpServletRequest request) {
        return request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE) instanceof Map<?, ?> variables
                        && variables.get("site") instanceof String site
                ? Optional.of(site)
                : Optional.empty();
    }
}
