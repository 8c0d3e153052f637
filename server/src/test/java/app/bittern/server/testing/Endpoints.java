package app.bittern.server.testing;

import app.bittern.server.BitternServer;
import app.bittern.server.account.Who;
import app.bittern.server.plan.Asked;
import app.bittern.server.plan.Change;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.lang.reflect.Method;
import java.lang.reflect.Parameter;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.core.type.filter.AnnotationTypeFilter;
import org.springframework.http.MediaType;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.bind.annotation.ValueConstants;

/// All endpoints of the server, read from its controllers.
public final class Endpoints {
    private Endpoints() {}

    /// @param name     of the controller's method: unique, but for the controller
    /// @param path     such as `/api/sites/{site}/{plan}/objects/{kind}`
    /// @param inPath   parameters in the path, in its order
    /// @param query    parameters after it
    /// @param body     what is sent, where something is
    /// @param takes    the media type of what is sent
    /// @param gives    what is answered
    /// @param produces its media type
    public record Endpoint(
            Class<?> controller,
            String name,
            RequestMethod method,
            String path,
            List<String> inPath,
            List<Query> query,
            Optional<Type> body,
            String takes,
            Type gives,
            String produces) {}

    /// A parameter after the path.
    ///
    /// @param needed whether it must be given
    public record Query(String name, Type type, boolean needed) {}

    /// In the order of their paths and methods.
    public static List<Endpoint> all() {
        ClassPathScanningCandidateComponentProvider scanner = new ClassPathScanningCandidateComponentProvider(false);
        scanner.addIncludeFilter(new AnnotationTypeFilter(RestController.class));
        return scanner.findCandidateComponents(BitternServer.class.getPackageName()).stream()
                .map(found -> named(String.valueOf(found.getBeanClassName())))
                .flatMap(controller -> Arrays.stream(controller.getDeclaredMethods())
                        .filter(method -> AnnotatedElementUtils.hasAnnotation(method, RequestMapping.class))
                        .map(method -> endpoint(controller, method)))
                .sorted(Comparator.comparing(Endpoint::path)
                        .thenComparing(endpoint -> endpoint.method().name())
                        .thenComparing(Endpoint::takes))
                .toList();
    }

    /// Those that answer once, and do not go on telling.
    public static List<Endpoint> answering() {
        return all().stream()
                .filter(endpoint -> !endpoint.produces().equals(MediaType.TEXT_EVENT_STREAM_VALUE))
                .toList();
    }

    private static Class<?> named(String name) {
        try {
            return Class.forName(name);
        } catch (ClassNotFoundException missing) {
            throw new IllegalStateException(missing);
        }
    }

    private static Endpoint endpoint(Class<?> controller, Method method) {
        RequestMapping on = mapping(method);
        RequestMapping whole = AnnotatedElementUtils.findMergedAnnotation(controller, RequestMapping.class);
        String path = first(whole == null ? new String[0] : whole.path()) + first(on.path());
        List<String> inPath = Stream.of(path.split("/"))
                .filter(step -> step.startsWith("{"))
                .map(step -> step.substring(1, step.length() - 1))
                .toList();
        List<Query> query = new ArrayList<>();
        Optional<Type> body = Optional.empty();
        for (Parameter parameter : method.getParameters()) {
            if (parameter.isAnnotationPresent(RequestBody.class)) {
                body = Optional.of(parameter.getParameterizedType());
            } else if (parameter.isAnnotationPresent(RequestParam.class)) {
                RequestParam asked = parameter.getAnnotation(RequestParam.class);
                boolean needed = asked.required() && asked.defaultValue().equals(ValueConstants.DEFAULT_NONE);
                query.add(new Query(parameter.getName(), parameter.getParameterizedType(), needed));
            } else if (parameter.getType().isRecord() && !HANDED_IN.contains(parameter.getType())) {
                for (RecordComponent one : parameter.getType().getRecordComponents()) {
                    boolean needed = !one.getAnnotatedType().isAnnotationPresent(Nullable.class);
                    query.add(new Query(one.getName(), one.getGenericType(), needed));
                }
            } else if (!parameter.isAnnotationPresent(PathVariable.class) && !HANDED_IN.contains(parameter.getType())) {
                throw new IllegalStateException(method + ": what is " + parameter + "?");
            }
        }
        return new Endpoint(
                controller,
                method.getName(),
                on.method()[0],
                path,
                inPath,
                query,
                body,
                on.consumes().length == 0 ? "application/json" : on.consumes()[0],
                method.getGenericReturnType(),
                on.produces().length == 0 ? "application/json" : on.produces()[0]);
    }

    private static final List<Class<?>> HANDED_IN = List.of(
            Asked.class,
            Change.Author.class,
            Who.class,
            HttpServletRequest.class,
            HttpServletResponse.class,
            Authentication.class);

    private static RequestMapping mapping(Method method) {
        return Optional.ofNullable(AnnotatedElementUtils.findMergedAnnotation(method, RequestMapping.class))
                .orElseThrow();
    }

    private static String first(String[] paths) {
        return paths.length == 0 ? "" : paths[0];
    }
}
