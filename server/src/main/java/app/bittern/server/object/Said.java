package app.bittern.server.object;

import app.bittern.formats.Choosing;
import app.bittern.formats.FieldForm;
import app.bittern.hours.DateRule;
import app.bittern.hours.Season;
import app.bittern.hours.WeekRange;
import app.bittern.number.Delivers;
import app.bittern.number.E164;
import app.bittern.plan.Destination;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Problem;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import app.bittern.plan.Spoken;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.BooleanNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.StringNode;

/// Values of fields as people in the site's country read them: titles for references, durations, numbers and
/// dates.
public final class Said {
    private static final Pattern CAMEL = Pattern.compile("([a-z])([A-Z])");

    private static final Map<String, String> WORDS = Map.ofEntries(
            Map.entry("hang-up", "hang up"),
            Map.entry("busy", "busy tone"),
            Map.entry("own-mailbox", "mailbox of who was called first"),
            Map.entry("repeat", "this menu again"),
            Map.entry("back", "the menu before"),
            Map.entry("route", "as the route leads"),
            Map.entry("caller", "who calls"),
            Map.entry("language", "the call's language"),
            Map.entry("messages", "collect messages"),
            Map.entry("emergency", "any emergency number"),
            Map.entry("expected-wait", "the expected wait"),
            Map.entry("position", "the place in the line"));

    /// How long something rings, which people also count in rings.
    private static final Set<String> RINGING = Set.of("ringFor", "ringEach", "for", "after");

    private static final Pattern DATE = Pattern.compile("[0-9]{4}-[0-9]{2}-[0-9]{2}");

    /// Neither digits nor their hash are anybody's to read.
    private static final String SECRET = "kept, not shown";

    private final Plan plan;

    public Said(Plan plan) {
        this.plan = plan;
    }

    /// All values in the body of an object that are read otherwise than they are written.
    List<ObjectApi.Shown> all(Kind kind, JsonNode body) {
        List<ObjectApi.Shown> shown = new ArrayList<>();
        FieldForm.walk(kind, body, (at, form, value) -> {
            String written = value.asString();
            String text = text(form, value);
            Optional<String> object = object(form, written);
            if (!text.equals(written) || object.isPresent()) {
                shown.add(new ObjectApi.Shown(at, text, object));
            }
        });
        return shown;
    }

    /// A value that is set at a place, as people read it.
    public String value(Kind kind, Pointer at, JsonNode value) {
        return FieldForm.at(kind, at.steps())
                .map(form -> value.isContainer() ? cell(form, value) : text(form, value))
                .orElseGet(() -> Problem.shown(value.toString()));
    }

    /// What counts where a field is not given, as people read it.
    Optional<String> usual(FieldForm form) {
        return form.usual()
                .filter(usual -> form.value())
                .map(usual -> text(
                        form,
                        form.types().contains(FieldForm.Type.FLAG)
                                ? BooleanNode.valueOf(Boolean.parseBoolean(usual))
                                : StringNode.valueOf(usual)));
    }

    /// A value in a cell of a list: of several how many there are.
    String cell(FieldForm form, JsonNode value) {
        if (value.isArray()) {
            return value.size() == 1 && !value.get(0).isContainer()
                    ? form.each().map(each -> text(each, value.get(0))).orElse("1")
                    : String.valueOf(value.size());
        }
        if (value.isObject()) {
            return value.size() == 1 ? "1 entry" : value.size() + " entries";
        }
        return text(form, value);
    }

    private String text(FieldForm form, JsonNode value) {
        if (value.isBoolean()) {
            return value.asBoolean() ? "yes" : "no";
        }
        if (form.secret()) {
            return SECRET;
        }
        String written = value.asString();
        if (form.types().contains(FieldForm.Type.DURATION)) {
            return Seconds.parse(written).map(time -> duration(form, time)).orElse(written);
        }
        if (form.unit().isPresent() && value.isNumber()) {
            String unit = form.unit().get();
            return written + " " + (written.equals("1") ? one(unit) : unit);
        }
        // The beginning of a number is no number: written as one it would lose its country.
        boolean begins = form.allowed().equals(E164.ALLOWED_BEGINNING);
        return chosen(form.choose(), written)
                .or(() -> E164.parse(written).filter(number -> !begins).map(this::number))
                .or(() -> level(form, written))
                .or(() -> days(form, written))
                .orElse(written);
    }

    /// The word for one of a unit: `try` of tries.
    private static String one(String unit) {
        if (unit.endsWith("ies")) {
            return unit.substring(0, unit.length() - 3) + "y";
        }
        return unit.endsWith("s") ? unit.substring(0, unit.length() - 1) : unit;
    }

    private String duration(FieldForm form, Seconds time) {
        return RINGING.contains(form.name()) && time.value() > 0 && time.value() <= 300
                ? time.said() + " (" + plan.site().rings(time) + ")"
                : time.said();
    }

    /// Where calls go, in words.
    public static String destination(Plan plan, Destination to) {
        return new Said(plan)
                .value(Kind.RING_GROUP, Pointer.of("noAnswer"), JsonNodeFactory.instance.stringNode(to.toString()));
    }

    private String number(E164 number) {
        return number.shownIn(plan.site().country());
    }

    private static Optional<String> level(FieldForm form, String written) {
        return form.allowed().equals(Queue.ServiceLevel.ALLOWED)
                ? Queue.ServiceLevel.parse(written).map(Queue.ServiceLevel::said)
                : Optional.empty();
    }

    /// Days and hours of the week; what they are is told by what is allowed in the field.
    private Optional<String> days(FieldForm form, String written) {
        String country = plan.site().country();
        if (form.allowed().contains(WeekRange.ALLOWED)) {
            return WeekRange.parse(written).map(WeekRange::said);
        }
        if (form.allowed().contains(Season.ALLOWED)) {
            return Season.parse(written).map(season -> season.said(country));
        }
        return form.allowed().contains(DateRule.ALLOWED)
                        || DATE.matcher(written).matches()
                ? DateRule.parse(written).map(day -> day.said(country))
                : Optional.empty();
    }

    /// What a text that was chosen stands for.
    Optional<String> chosen(Choosing choosing, String written) {
        if (choosing.options().isEmpty()) {
            return Optional.empty();
        }
        for (Choosing.Option option : choosing.options()) {
            Optional<String> said = switch (option) {
                case Choosing.Option.Word(String word) ->
                    word.equals(written) ? Optional.of(word(word, choosing)) : Optional.<String>empty();
                case Choosing.Option.OfKind(String before, Kind kind, boolean byKey) ->
                    named(before, kind, byKey, written)
                            .map(ref -> (before.isEmpty() ? "" : doing(before)) + title(ref))
                            .or(() -> kind == Kind.PROMPT ? inItsLanguage(written) : Optional.empty());
                case Choosing.Option.Anything anything -> Ref.parse(written).map(this::title);
                case Choosing.Option.HoursState hours -> hoursState(written);
                case Choosing.Option.Delivered delivered ->
                    Delivers.parse(written).map(this::delivered);
                case Choosing.Option.Language language ->
                    Optional.of(Locale.forLanguageTag(written).getDisplayName(Locale.ENGLISH));
                case Choosing.Option.Typed typed ->
                    Destination.parse(written)
                            .flatMap(to -> to instanceof Destination.Outside(E164 number)
                                    ? Optional.of(number(number))
                                    : Optional.<String>empty());
            };
            if (said.isPresent()) {
                return said;
            }
        }
        return Optional.empty();
    }

    /// A prompt that is said in a language of its own: `prompt Welcome in Norwegian`.
    private Optional<String> inItsLanguage(String written) {
        return Spoken.parse(written)
                .flatMap(one -> one.language()
                        .map(tag -> title(one.prompt()) + " in "
                                + Locale.forLanguageTag(tag).getDisplayName(Locale.ENGLISH)));
    }

    /// A word as people read it. Beside objects it says what is done with a call; among words alone it is itself, so
    /// that the greeting for busy is not the busy tone.
    private static String word(String word, Choosing among) {
        boolean alone = among.options().stream().allMatch(Choosing.Option.Word.class::isInstance);
        String plain =
                CAMEL.matcher(word).replaceAll("$1 $2").toLowerCase(Locale.ROOT).replace('-', ' ');
        return alone ? plain : WORDS.getOrDefault(word, plain);
    }

    /// A form of called numbers with a number of the site in it: `the last 6 digits, such as 960100`.
    String delivered(Delivers form) {
        String says = switch (form) {
            case Delivers.International all -> "the whole number";
            case Delivers.National national -> "as dialled in the country";
            case Delivers.Last(int digits) -> "the last " + digits + " digits";
        };
        return plan.all(InboundNumber.class)
                .findFirst()
                .map(number -> says + ", such as "
                        + form.digits(number.called(), plan.site().country()))
                .orElse(says);
    }

    private static String doing(String before) {
        return switch (before) {
            case "login " -> "log in to ";
            case "logout " -> "log out of ";
            default -> before;
        };
    }

    private static Optional<Ref> named(String before, Kind kind, boolean byKey, String written) {
        if (byKey) {
            return Ref.sound(kind, written) ? Optional.of(new Ref(kind, written)) : Optional.empty();
        }
        return written.startsWith(before)
                ? Ref.parse(written.substring(before.length())).filter(ref -> ref.kind() == kind)
                : Optional.empty();
    }

    private Optional<String> hoursState(String written) {
        int space = written.indexOf(' ');
        return space < 0
                ? Optional.empty()
                : Ref.parse(written.substring(0, space))
                        .map(ref -> plan.title(ref) + ": " + written.substring(space + 1));
    }

    /// Kind and title, or name and number: `queue Bookings`, `Ade Bright 2020`.
    String title(Ref ref) {
        Optional<PlanObject> object = plan.find(ref);
        if (object.isEmpty()) {
            return ref.kind().title() + " " + ref.key() + " (not there)";
        }
        // People are called by name and number; of anything else its kind is said.
        return ref.kind() == Kind.EXTENSION
                ? object.get().title()
                : ref.kind().title() + " " + object.get().title();
    }

    private Optional<String> object(FieldForm form, String written) {
        for (Choosing.Option option : form.choose().options()) {
            Optional<Ref> ref = switch (option) {
                case Choosing.Option.OfKind(String before, Kind kind, boolean byKey) ->
                    named(before, kind, byKey, written);
                case Choosing.Option.Anything anything -> Ref.parse(written);
                case Choosing.Option.HoursState hours ->
                    Ref.parse(written.split(" ", 2)[0]).filter(one -> one.kind() == Kind.HOURS);
                case Choosing.Option.Word word -> Optional.empty();
                case Choosing.Option.Typed typed -> Optional.empty();
                case Choosing.Option.Language language -> Optional.empty();
                case Choosing.Option.Delivered delivered -> Optional.empty();
            };
            if (ref.filter(one -> plan.find(one).isPresent()).isPresent()) {
                return ref.map(Ref::toString);
            }
        }
        return Optional.empty();
    }
}
