package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.formats.FieldForm;
import app.bittern.plan.Kind;
import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/// Every kind of object opens as its sheet, and every field on it can be changed there: what the plan file then
/// has is what was typed or chosen.
class SheetTest {
    private static final String PLAN = "/api/sites/saltreach/draft";
    private static final Pattern EXAMPLE = Pattern.compile("such as \"?([^\",{]+?)\"?(,| \\(|$| of | \\[)");

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo().computingNothingForLater();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    @RegisterExtension
    final Technician technician = new Technician(CHROMIUM, APPLICATION);

    private Client client = APPLICATION.client();

    @BeforeEach
    void begin() {
        APPLICATION.asTheDemoPlanIs();
        client = APPLICATION.signedIn();
        technician.signIn();
    }

    /// A field on a sheet: where it is, what its token is called, what stands there.
    private record Place(String object, String at, String label, FieldForm form, Optional<JsonNode> value) {}

    private JsonNode body(String object) {
        return client.get(PLAN + "/objects/" + object.replace("+", "%2B"))
                .json()
                .at("/body");
    }

    private void collect(String object, String at, String label, FieldForm form, JsonNode value, List<Place> places) {
        if (value.isArray()) {
            for (int index = 0; index < value.size(); index++) {
                JsonNode item = value.get(index);
                String inside = at + "/" + index;
                String called = label + " " + (index + 1);
                form.each().ifPresent(each -> collect(object, inside, called, each, item, places));
            }
        } else if (value.isObject()) {
            value.properties().forEach(entry -> {
                String inside = at + "/" + entry.getKey().replace("~", "~0").replace("/", "~1");
                form.fields().stream()
                        .filter(field -> field.name().equals(entry.getKey()))
                        .findFirst()
                        .ifPresentOrElse(
                                field -> collect(
                                        object,
                                        inside,
                                        label + " "
                                                + (form.each().isPresent()
                                                        ? field.title()
                                                        : field.title().toLowerCase(Locale.ROOT)),
                                        field,
                                        entry.getValue(),
                                        places),
                                () -> form.each()
                                        .ifPresent(each -> collect(
                                                object,
                                                inside,
                                                label + " " + entry.getKey(),
                                                each,
                                                entry.getValue(),
                                                places)));
            });
        } else {
            places.add(new Place(object, at, label, form, Optional.of(value)));
        }
    }

    /// One object of each kind that has any, and of each field of the kind one place.
    private Map<String, Place> places() {
        Map<String, Place> all = new LinkedHashMap<>();
        for (Kind kind : Kind.values()) {
            JsonNode rows = client.get(PLAN + "/objects/" + kind.word() + "?rows=500")
                    .json()
                    .at("/rows");
            rows.forEach(row -> {
                String object = row.at("/object").asString();
                JsonNode body = body(object);
                FieldForm.eachOf(kind).ifPresent(each -> all.putAll(named(kind, object, body, each)));
                for (FieldForm form : FieldForm.of(kind)) {
                    List<Place> places = new ArrayList<>();
                    Optional.ofNullable(body.get(form.name()))
                            .ifPresent(value -> collect(object, "/" + form.name(), form.title(), form, value, places));
                    places.forEach(place -> all.putIfAbsent(
                            kind.word() + place.at().replaceAll("/([0-9]+|[a-z]{2}-[A-Z]{2}|[a-z]+~1[a-z0-9-]+)", "/*"),
                            place));
                }
            });
            if (!rows.isEmpty()) {
                String object = rows.get(0).at("/object").asString();
                for (FieldForm form : FieldForm.of(kind)) {
                    boolean leaf = form.types().stream()
                            .anyMatch(type -> type != FieldForm.Type.LIST && type != FieldForm.Type.FIELDS);
                    if (leaf && body(object).get(form.name()) == null) {
                        all.putIfAbsent(
                                kind.word() + "/" + form.name(),
                                new Place(object, "/" + form.name(), form.title(), form, Optional.empty()));
                    }
                }
            }
        }
        return all;
    }

    /// What stands under names of the object's own: of a prompt the words in each language.
    private Map<String, Place> named(Kind kind, String object, JsonNode body, FieldForm each) {
        Map<String, Place> all = new LinkedHashMap<>();
        body.properties().stream()
                .filter(entry -> FieldForm.of(kind).stream()
                        .noneMatch(form -> form.name().equals(entry.getKey())))
                .limit(1)
                .forEach(entry -> all.put(
                        kind.word() + "/*",
                        new Place(
                                object,
                                "/" + entry.getKey(),
                                each.title() + " " + entry.getKey(),
                                each,
                                Optional.of(entry.getValue()))));
        return all;
    }

    /// Of fields that are typed or chosen alike the first, and of each kind one in any case: the
    /// editors are made from the fields alone, and that each field of every kind is kept is held without a browser.
    /// Alike are those whose values are written and found the same way; where all random plans are looked at, those
    /// that allow the same.
    private static Map<String, Place> ofEachSort(Map<String, Place> all) {
        Map<String, Place> some = new LinkedHashMap<>();
        Set<List<Object>> met = new HashSet<>();
        Set<String> kinds = new HashSet<>();
        all.forEach((field, place) -> {
            String[] steps = field.split("/", -1);
            FieldForm form = place.form();
            boolean fresh =
                    met.add(List.of(form.types(), alike(form), place.value().isPresent()));
            if (kinds.add(steps[0]) || fresh) {
                some.put(field, place);
            }
        });
        return some;
    }

    private static Object alike(FieldForm form) {
        return Boolean.getBoolean("bittern.all-plans")
                ? form.allowed()
                : List.of(
                        form.secret(),
                        form.unit().isPresent(),
                        form.choose().options().stream()
                                .map(Object::getClass)
                                .distinct()
                                .toList());
    }

    /// What is typed where the form alone does not tell what would fit.
    private static final Map<String, String> FITTING = Map.ofEntries(
            Map.entry("site/timeZone", "Europe/Dublin"),
            Map.entry("site/country", "IE"),
            Map.entry("site/languages/*", "sv-SE"),
            Map.entry("site/blocks/*/from", "1990"),
            Map.entry("site/blocks/*/to", "2149"),
            Map.entry("number/due", "2027-01-31"),
            Map.entry("route/called", "+441632960199"),
            Map.entry("queue/callerId", "+441632960199"),
            Map.entry("hours/states/*/on/*", "12-27"),
            Map.entry("hours/states/*/season", "04-01..10-31"),
            Map.entry("switch/now", "reduced"),
            Map.entry("queue/meanwhile/*/every", "75s"),
            Map.entry("queue/meanwhile/*/keys/*/to", "mailbox/freight"),
            Map.entry("queue/serviceLevel", "70% in 30s"),
            Map.entry("queue/pin", "4713"),
            Map.entry("switch/pin", "4714"),
            Map.entry("extension/agentId", "4715"),
            Map.entry("mailbox/pin", "4711"),
            Map.entry("code/pin", "4712"),
            Map.entry("class-of-service/may/*", "premium"),
            Map.entry("outbound/dialled/*", "9x."),
            Map.entry("outbound/category", "national"),
            Map.entry("outbound/before", "9"),
            Map.entry("page/address", "239.192.0.9"),
            Map.entry("trap-target/address", "192.0.2.9"),
            Map.entry("traffic/choices/*/*", "20%"),
            Map.entry("test-call/at", "2026-12-01T09:00"),
            Map.entry("test-call/keys/*", "1"),
            Map.entry("test-call/phones/*", "busy"));

    /// Internal numbers that nothing has, one after another.
    private int free = 2990;

    /// What is typed: another value of the same sort, or the example of what is allowed.
    private String typed(String field, Place place) {
        FieldForm form = place.form();
        if (FITTING.containsKey(field)) {
            return FITTING.get(field);
        }
        if (form.types().contains(FieldForm.Type.DECIMAL)) {
            return "7.5";
        }
        String now = place.value().map(JsonNode::asString).orElse("");
        if (form.types().contains(FieldForm.Type.DURATION)) {
            String some = form.allowed().contains("to 10s") ? "7s" : "17s";
            return now.equals(some) ? "9s" : some;
        }
        if (form.types().contains(FieldForm.Type.WHOLE) && form.most().isPresent()) {
            int most = form.most().get();
            return now.equals(String.valueOf(most)) ? String.valueOf(most - 1) : String.valueOf(most);
        }
        if (form.allowed().contains("digits in quotes") || form.allowed().equals("text in quotes")) {
            return form.name().equals("number") ? String.valueOf(free++) : "Typed by a test";
        }
        Matcher example = EXAMPLE.matcher(form.allowed());
        return example.find() ? example.group(1).strip() : "Typed by a test";
    }

    /// A text as a pattern that a browser reads: it knows no quoting.
    private static String plain(String text) {
        return text.replaceAll("[.*+?^${}()|\\[\\]\\\\/]", "\\\\$0");
    }

    private void change(String field, Place place) {
        Page page = technician.page();
        Locator token = page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^" + plain(place.label()) + ": ")))
                .first();
        token.click();
        Locator editor = page.locator("[data-popover-content]");
        if (editor.getByPlaceholder("Number or name").count() > 0) {
            String now = place.value().map(JsonNode::asString).orElse("");
            Locator options = editor.getByRole(AriaRole.OPTION);
            assertThat(options.first().or(editor.getByText("Nothing that can stand here")))
                    .isVisible();
            Locator other = editor.locator("[role=option]:not([data-value^='new ']):not([data-value='" + now + "'])")
                    .first();
            if (other.count() == 0) {
                page.keyboard().press("Escape");
                return;
            }
            kept(other);
        } else if (editor.locator("select").count() > 0) {
            boolean usual = place.form().usual().filter("true"::equals).isPresent();
            boolean yes = place.value().map(JsonNode::asBoolean).orElse(usual);
            editor.locator("select").selectOption(yes ? "false" : "true");
            kept(editor.getByText("Keep", new Locator.GetByTextOptions().setExact(true)));
        } else {
            editor.locator("#value").fill(typed(field, place));
            kept(editor.getByText("Keep", new Locator.GetByTextOptions().setExact(true)));
        }
    }

    /// Several fields are filled in together, what they lead to found by name, or made there.
    @Test
    void aChoiceAmongSeveralFieldsIsLeftByEscapeAloneAndMakesWhatIsMissing() {
        technician.open("/s/saltreach/draft/queues/queue/freight");
        Page page = technician.page();
        Locator form = page.locator("[data-popover-content]");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Meanwhile: add"))
                .click();
        form.getByLabel("At", new Locator.GetByLabelOptions().setExact(true)).fill("20s");
        Locator says = form.getByRole(
                        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Says: ")))
                .first();
        says.click();
        assertThat(page.getByPlaceholder("Number or name")).isFocused();
        page.keyboard().press("Escape");
        assertThat(page.getByPlaceholder("Number or name")).hasCount(0);
        assertThat(form).hasCount(1);
        assertThat(says).isFocused();
        page.keyboard().press("Enter");
        page.getByPlaceholder("Number or name").fill("Lorries by the gate");
        page.getByText("New prompt “Lorries by the gate” here").click();
        assertThat(says).hasText("Lorries by the gate");
        form.getByText("Keep", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(form).hasCount(0);
        Assertions.assertThat(body("queue/freight").at("/meanwhile/0/say").asString())
                .isEqualTo("prompt/lorries-by-the-gate");
    }

    /// What the server answered to the last edit.
    private String answer = "";

    /// Presses what makes the edit, and waits until the server has answered it.
    private void kept(Locator button) {
        answer = technician
                .page()
                .waitForResponse(one -> one.url().endsWith("/draft/edits"), button::click)
                .text();
    }

    @Test
    void everySortOfFieldOfEveryKindIsChangedOnItsSheet() {
        Map<String, Place> places = ofEachSort(places());
        Assertions.assertThat(places.size()).isGreaterThan(60);
        Map<String, String> unchanged = new LinkedHashMap<>();
        String open = "";
        for (Map.Entry<String, Place> entry : places.entrySet()) {
            Place place = entry.getValue();
            String path = "/s/saltreach/draft/" + screen(place.object()) + "/"
                    + place.object().replace("+", "%2B");
            if (!open.equals(path)) {
                technician.open(path);
                open = path;
            }
            JsonNode before = body(place.object());
            answer = "nothing else to choose";
            Assertions.assertThatCode(() -> change(entry.getKey(), place))
                    .as(entry.getKey())
                    .doesNotThrowAnyException();
            // Done when the popover is gone, or has said why not.
            Locator settled = technician
                    .page()
                    .locator("body:not(:has([data-popover-content])), [data-popover-content] [role=alert] p")
                    .first();
            settled.waitFor(new Locator.WaitForOptions()
                    .setState(com.microsoft.playwright.options.WaitForSelectorState.ATTACHED));
            if (technician.page().locator("[data-popover-content]").count() > 0) {
                technician.press("Escape");
                technician.page().evaluate("sessionStorage.clear()");
            }
            if (body(place.object()).equals(before)) {
                unchanged.put(entry.getKey(), answer);
            }
        }
        Assertions.assertThat(unchanged.keySet())
                .as(() -> "what was answered: " + unchanged)
                .isSubsetOf(HELD_BY_OTHERS);
    }

    /// Fields that one press cannot change in the demo plan: there is nothing else to choose, or what else
    /// there is would not fit what stands beside it.
    private static final List<String> HELD_BY_OTHERS = List.of(
            "trunk/deliversCaller",
            "route/before",
            "queue/mayLogIn",
            "menu/dialledAhead",
            "switch/positions/*",
            "queue/hears",
            "queue/mayLogIn",
            "queue/meanwhile/*/keys/*/offer",
            "alarm/text/to/*",
            "alarm/page/over",
            "alarm/traps/*",
            "alarm/until");

    private static String screen(String object) {
        // The screen in the address gives the side its list; any will show the sheet.
        return object.startsWith("site/") ? "overview" : "groups";
    }
}
