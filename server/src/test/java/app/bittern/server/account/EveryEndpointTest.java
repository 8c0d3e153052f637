package app.bittern.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/// Every endpoint, asked by everybody: each right is let through where it is enough, and nowhere else.
class EveryEndpointTest {
    private static final String HERE = "walk";
    private static final String ELSEWHERE = "saltreach";

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    /// Endpoints that are posted to and change nothing.
    private static final Set<String> ONLY_READ = Set.of(
            "/api/sites/{site}/draft/preview",
            "/api/sites/{site}/draft/tried",
            "/api/sites/{site}/{plan}/read-calendar",
            "/api/sites/{site}/{plan}/read-numbers");

    private record Endpoint(String method, String path, boolean takesText, HandlerMethod handler) {
        Need need() {
            return RightsRule.needOf(handler).orElseThrow();
        }

        boolean isOfASite() {
            return path.startsWith("/api/sites/{site}");
        }
    }

    private static List<Endpoint> endpoints() {
        List<Endpoint> all = new ArrayList<>();
        APPLICATION
                .bean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .forEach((mapping, handler) -> mapping.getPatternValues().stream()
                        .filter(path -> path.startsWith("/api"))
                        .forEach(path -> mapping.getMethodsCondition()
                                .getMethods()
                                .forEach(method -> all.add(new Endpoint(
                                        method.name(),
                                        path,
                                        mapping.getConsumesCondition()
                                                .getConsumableMediaTypes()
                                                .contains(MediaType.TEXT_PLAIN),
                                        handler)))));
        // What takes the site away comes last.
        all.sort(Comparator.comparing((Endpoint one) -> one.method().equals(RequestMethod.DELETE.name()))
                .thenComparing(one -> one.path().equals("/api/sites/{site}"))
                .thenComparing(Endpoint::path));
        return all;
    }

    private static final Map<String, Client> CALLERS = new LinkedHashMap<>();
    private static final Map<String, Set<Right>> HELD = new LinkedHashMap<>();

    @BeforeAll
    static void peopleOfEachRight() {
        Client everywhere = APPLICATION.signedIn();
        assertThat(everywhere
                        .post(
                                "/api/sites",
                                Map.of(
                                        "key",
                                        HERE,
                                        "name",
                                        "Walk",
                                        "language",
                                        "en-GB",
                                        "country",
                                        "GB",
                                        "timeZone",
                                        "Europe/London"))
                        .status())
                .isEqualTo(200);
        CALLERS.put("nobody", APPLICATION.client());
        for (Right right : Right.values()) {
            CALLERS.put(right.word(), APPLICATION.invited("with " + right.word(), HERE, right.word()));
            HELD.put(right.word(), EnumSet.of(Right.LOOK, right));
        }
        String token = everywhere
                .post(
                        "/api/sites/" + HERE + "/access/machines",
                        Map.of("name", "walker", "rights", List.of("change", "cut-over"), "days", 1))
                .json()
                .at("/token")
                .asString();
        CALLERS.put("machine", Client.machine(APPLICATION.address(), token));
        HELD.put("machine", Set.of(Right.LOOK, Right.CHANGE, Right.CUT_OVER));
        CALLERS.put("everywhere", everywhere);
        HELD.put("everywhere", Set.of(Right.values()));
    }

    /// Asks it with what no endpoint takes, so that who is let through changes nothing.
    private static Client.Answer asked(Client client, Endpoint endpoint, String site) {
        String path = endpoint.path()
                .replace("{site}", site)
                .replace("{plan}", "draft")
                .replace("{kind}", "mailbox")
                .replaceAll("\\{[a-z]+}", "0");
        return switch (endpoint.method()) {
            case "GET" -> client.get(path);
            case "DELETE" -> client.remove(path);
            default -> endpoint.takesText() ? client.postText(path, "[") : client.post(path, "[");
        };
    }

    private static boolean isLetThrough(Client.Answer answer) {
        return answer.status() != 401
                && answer.status() != 403
                && !(answer.status() == 404 && answer.text().contains("that you may look at"));
    }

    private static boolean isEnough(Need need, String caller) {
        Set<Right> held = HELD.getOrDefault(caller, Set.of());
        return switch (need) {
            case NOTHING -> true;
            case SIGNED_IN -> !caller.equals("nobody");
            case PERSON -> !caller.equals("nobody") && !caller.equals("machine");
            case LOOK -> held.contains(Right.LOOK);
            case CHANGE -> held.contains(Right.CHANGE);
            case CUT_OVER -> held.contains(Right.CUT_OVER);
            case MANAGE -> held.contains(Right.MANAGE);
            case CHANGE_EVERY_SITE, MANAGE_EVERY_SITE -> caller.equals("everywhere");
        };
    }

    @Test
    void eachIsAnsweredToWhoMayAskItAndToNobodyElse() {
        SoftAssertions softly = new SoftAssertions();
        for (Endpoint endpoint : endpoints()) {
            if (endpoint.path().endsWith("/events")) {
                // It never ends; EventsTest listens to it.
                continue;
            }
            CALLERS.forEach((caller, client) -> {
                if (endpoint.path().equals("/api/session") && endpoint.method().equals("DELETE")) {
                    return;
                }
                Client.Answer answer = asked(client, endpoint, HERE);
                softly.assertThat(isLetThrough(answer))
                        .as(
                                "%s %s by %s: %s %s",
                                endpoint.method(), endpoint.path(), caller, answer.status(), answer.text())
                        .isEqualTo(isEnough(endpoint.need(), caller));
                if (endpoint.isOfASite() && !caller.equals("everywhere")) {
                    softly.assertThat(isLetThrough(asked(client, endpoint, ELSEWHERE)))
                            .as("%s %s elsewhere by %s", endpoint.method(), endpoint.path(), caller)
                            .isFalse();
                }
            });
        }
        softly.assertAll();
    }

    @Test
    void eachSaysWhatItNeedsAndWhatChangesSomethingNeedsMoreThanToLook() {
        List<Endpoint> all = endpoints();
        assertThat(all).hasSizeGreaterThan(50);
        assertThat(all)
                .allSatisfy(one -> assertThat(RightsRule.needOf(one.handler()))
                        .as(one.path())
                        .isNotEqualTo(Optional.empty()));
        assertThat(all)
                .filteredOn(one -> !one.method().equals("GET") && one.isOfASite() && !ONLY_READ.contains(one.path()))
                .allSatisfy(one -> assertThat(one.need())
                        .as("%s %s", one.method(), one.path())
                        .isIn(Need.CHANGE, Need.CUT_OVER, Need.MANAGE));
    }
}
