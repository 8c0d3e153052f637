package app.bittern.server.work;

import java.util.concurrent.CancellationException;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.webmvc.autoconfigure.WebMvcRegistrations;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.ServletWebRequest;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerAdapter;
import org.springframework.web.servlet.mvc.method.annotation.ServletInvocableHandlerMethod;

/// Whoever only looks is not told that somebody else has changed the draft meanwhile: what is asked for by GET is
/// asked for once more, of the draft as it is then, and computed to its end ([Work#toItsEnd]).
@Configuration
class LookedAgain implements WebMvcRegistrations {
    @Override
    public RequestMappingHandlerAdapter getRequestMappingHandlerAdapter() {
        return new RequestMappingHandlerAdapter() {
            @Override
            protected ServletInvocableHandlerMethod createInvocableHandlerMethod(HandlerMethod endpoint) {
                return new Endpoint(endpoint);
            }
        };
    }

    private static final class Endpoint extends ServletInvocableHandlerMethod {
        private Endpoint(HandlerMethod endpoint) {
            super(endpoint);
        }

        @Override
        public @Nullable Object invokeForRequest(
                NativeWebRequest request, @Nullable ModelAndViewContainer container, Object... given) throws Exception {
            try {
                return super.invokeForRequest(request, container, given);
            } catch (CancellationException overtaken) {
                if (request instanceof ServletWebRequest web && HttpMethod.GET.equals(web.getHttpMethod())) {
                    return Work.toItsEnd(() -> super.invokeForRequest(request, container, given));
                }
                throw overtaken;
            }
        }
    }
}
