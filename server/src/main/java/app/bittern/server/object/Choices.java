package app.bittern.server.object;

import app.bittern.call.Answer;
import app.bittern.formats.Choosing;
import app.bittern.formats.FieldForm;
import app.bittern.number.Delivers;
import app.bittern.plan.Branch;
import app.bittern.plan.Hours;
import app.bittern.plan.Kind;
import app.bittern.plan.Lookup;
import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Prompt;
import app.bittern.plan.Ref;
import app.bittern.plan.Switch;
import app.bittern.plan.TestCall;
import app.bittern.plan.Traffic;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/// What can stand in a field, and which names an entry of a map can have.
final class Choices {
    /// So many are given; a finder asks again with more of the text.
    private static final int MOST = 60;

    private static final List<String> KEYS = List.of("1", "2", "3", "4", "5", "6", "7", "8", "9", "0", "*", "#");

    private final Plan plan;
    private final Said said;

    Choices(Plan plan) {
        this.plan = plan;
        this.said = new Said(plan);
    }

    /// What fits a text, by number, name or key; those that begin with it first.
    List<ObjectApi.Choice> of(FieldForm form, String find) {
        String wanted = find.strip().toLowerCase(Locale.ROOT);
        return found(form.choose().options().stream().flatMap(option -> of(option, form.choose())), wanted);
    }

    private static List<ObjectApi.Choice> found(Stream<ObjectApi.Choice> all, String wanted) {
        return all.distinct()
                .filter(choice -> words(choice).contains(wanted))
                .sorted(Comparator.comparing(choice -> !begins(choice, wanted)))
                .limit(MOST)
                .toList();
    }

    /// Whether its number or its name begins with a text in lower case.
    static boolean begins(ObjectApi.Choice choice, String wanted) {
        return choice.number().filter(number -> number.startsWith(wanted)).isPresent()
                || choice.title().toLowerCase(Locale.ROOT).startsWith(wanted);
    }

    private static String words(ObjectApi.Choice choice) {
        return (choice.number().orElse("") + " " + choice.title() + " " + choice.kind() + " " + choice.value())
                .strip()
                .toLowerCase(Locale.ROOT);
    }

    private Stream<ObjectApi.Choice> of(Choosing.Option option, Choosing among) {
        return switch (option) {
            case Choosing.Option.Word(String text) -> Stream.of(word(text, among));
            case Choosing.Option.OfKind(String before, Kind kind, boolean byKey) ->
                ofKind(kind)
                        .map(object -> new ObjectApi.Choice(
                                byKey ? object.ref().key() : before + object.ref(),
                                before + object.title(),
                                kind.title(),
                                object.number()));
            case Choosing.Option.Anything anything -> plan.objects().stream().map(this::whole);
            case Choosing.Option.HoursState state ->
                plan.all(Hours.class)
                        .flatMap(hours -> hours.calendar().names().stream()
                                .map(name -> new ObjectApi.Choice(
                                        hours.ref() + " " + name,
                                        hours.title() + ": " + name,
                                        Kind.HOURS.title(),
                                        Optional.empty())));
            case Choosing.Option.Language language ->
                plan.site().languages().stream()
                        .map(tag -> new ObjectApi.Choice(
                                tag,
                                Locale.forLanguageTag(tag).getDisplayName(Locale.ENGLISH),
                                "language",
                                Optional.empty()));
            case Choosing.Option.Delivered delivered ->
                Delivers.all().stream()
                        .map(form -> new ObjectApi.Choice(form.toString(), said.delivered(form), "", Optional.empty()));
            case Choosing.Option.Typed typed -> Stream.of();
        };
    }

    private ObjectApi.Choice word(String text, Choosing among) {
        return new ObjectApi.Choice(text, said.chosen(among, text).orElse(text), "", Optional.empty());
    }

    private Stream<PlanObject> ofKind(Kind kind) {
        return plan.all(kind);
    }

    private ObjectApi.Choice whole(PlanObject object) {
        return new ObjectApi.Choice(
                object.ref().toString(), object.title(), object.ref().kind().title(), object.number());
    }

    /// Names that an entry of a map can have and none has yet; empty where any will do.
    List<ObjectApi.Choice> names(PlanObject object, String field) {
        List<String> names = free(object, field);
        return names.stream()
                .map(name -> new ObjectApi.Choice(name, named(object, name), "", Optional.empty()))
                .toList();
    }

    private List<String> free(PlanObject object, String field) {
        if (object instanceof Menu menu && field.equals("keys")) {
            return KEYS.stream().filter(key -> !menu.keys().containsKey(key)).toList();
        }
        if (object instanceof Branch branch && field.equals("cases")) {
            return cases(branch).stream()
                    .filter(name -> !branch.cases().containsKey(name))
                    .toList();
        }
        if (object instanceof Prompt prompt) {
            return plan.site().languages().stream()
                    .filter(language -> !prompt.scripts().containsKey(language)
                            && !prompt.sounds().containsKey(language))
                    .toList();
        }
        if (object instanceof TestCall) {
            return switch (field) {
                case "phones", "agents" ->
                    ofKind(Kind.EXTENSION).map(one -> one.ref().key()).toList();
                case "switches" -> refs(Kind.SWITCH).toList();
                case "waiting" ->
                    Stream.of(Kind.QUEUE, Kind.MAILBOX, Kind.TRUNK, Kind.LOOKUP)
                            .flatMap(this::refs)
                            .toList();
                default -> List.of();
            };
        }
        if (object instanceof Traffic) {
            return switch (field) {
                case "numbers" ->
                    ofKind(Kind.NUMBER).map(one -> one.ref().key()).toList();
                case "choices" -> refs(Kind.MENU).toList();
                default -> List.of();
            };
        }
        return List.of();
    }

    private String named(PlanObject object, String name) {
        if (object instanceof Prompt) {
            return Locale.forLanguageTag(name).getDisplayName(Locale.ENGLISH);
        }
        return Ref.parse(name)
                .or(() -> Optional.of(name)
                        .filter(number -> object instanceof TestCall && Ref.sound(Kind.EXTENSION, number))
                        .map(number -> new Ref(Kind.EXTENSION, number)))
                .map(said::title)
                .orElse(name);
    }

    private Stream<String> refs(Kind kind) {
        return ofKind(kind).map(object -> object.ref().toString());
    }

    private List<String> cases(Branch branch) {
        return switch (branch.by()) {
            case Branch.By.OfHours by ->
                plan.find(by.hours(), Hours.class)
                        .map(hours -> hours.calendar().names())
                        .map(List::copyOf)
                        .orElse(List.of());
            case Branch.By.OfSwitch by ->
                plan.find(by.turned(), Switch.class).map(Switch::positions).orElse(List.of());
            case Branch.By.OfLanguage by -> plan.site().languages();
            case Branch.By.OfAsk by -> List.of(Answer.FOUND, Answer.NOT_FOUND);
            case Branch.By.OfLookup by ->
                plan.find(by.lookup(), Lookup.class)
                        .map(lookup -> Answer.all(lookup.tags()).stream()
                                .map(Answer::word)
                                .toList())
                        .orElse(List.of());
            case Branch.By.OfCaller by -> List.of("withheld", "unavailable");
        };
    }
}
