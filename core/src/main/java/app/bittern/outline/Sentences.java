package app.bittern.outline;

import app.bittern.call.Answer;
import app.bittern.call.Cause;
import app.bittern.call.Dialling;
import app.bittern.call.Ending;
import app.bittern.call.Onward;
import app.bittern.hours.DateRule;
import app.bittern.hours.HoursState;
import app.bittern.hours.Season;
import app.bittern.hours.WeekRange;
import app.bittern.number.E164;
import app.bittern.outline.Part.Style;
import app.bittern.plan.Announcement;
import app.bittern.plan.Aside;
import app.bittern.plan.Ask;
import app.bittern.plan.Branch;
import app.bittern.plan.Chain;
import app.bittern.plan.Code;
import app.bittern.plan.Extension;
import app.bittern.plan.Hours;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Kind;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.Outbound;
import app.bittern.plan.Page;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import app.bittern.plan.Sets;
import app.bittern.plan.Slot;
import app.bittern.plan.Switch;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/// Says each kind of object, and each way to leave one, as a sentence whose parts can be changed.
final class Sentences {
    private static final Pattern LAST_COMMA = Pattern.compile(", ([^,]+)$");

    private final Plan plan;

    /// Of the objects that sentences have been said of: each of a menu's keys is a sentence.
    private final Map<Ref, List<Slot>> slots = new HashMap<>();

    private final PromptSentences prompts;
    private final GroupSentences groups;

    Sentences(Plan plan) {
        this.plan = plan;
        this.prompts = new PromptSentences(plan);
        this.groups = new GroupSentences(plan, prompts);
    }

    /// A route as the first row of an outline: `Main line +44 1632 960100 from anyone`.
    List<Part> route(Route route, E164 called) {
        String number = plan.find(new Ref(Kind.NUMBER, called.text()))
                .map(PlanObject::title)
                .orElse("Not in the plan");
        List<Part> parts = new ArrayList<>(List.of(Part.strong(number), Part.digits(called.international())));
        parts.add(Part.plain(
                switch (route.caller()) {
                    case Route.From.Any any -> "from anyone";
                    case Route.From.Exact(E164 caller) -> "from " + caller.international();
                    case Route.From.Prefix(String digits) -> "from callers that begin with " + digits;
                    case Route.From.Tag(String tag) -> "from callers tagged " + tag;
                    case Route.From.Withheld withheld -> "from callers who withhold their number";
                    case Route.From.Unavailable unavailable -> "from callers whose number is unavailable";
                    case Route.From.Without without -> "from callers without a number";
                }));
        route.holdsWhile()
                .ifPresent(during ->
                        parts.add(Part.plain("while " + plan.title(during.hours()) + " is " + during.state())));
        parts.add(Part.muted(
                route.before().words(plan).map(before -> before + ", ").orElse("") + "by route " + route.title()));
        route.dress().shownAs().ifPresent(prefix -> parts.add(Part.muted("shown as “" + prefix + "”")));
        return parts;
    }

    /// What an object does, after its name: the part of the row that is drawn once.
    List<Part> body(PlanObject object, String language) {
        return switch (object) {
            case Branch branch -> branch(branch);
            case Announcement announcement -> {
                List<Part> parts = new ArrayList<>(List.of(Part.plain("says")));
                announcement.prompts().forEach(one -> parts.addAll(prompts.prompt(one.prompt(), one.in(language))));
                yield parts;
            }
            case Menu menu -> menu(menu, language);
            case RingGroup group -> groups.ring(group);
            case Extension extension ->
                List.of(
                        Part.plain("rings"),
                        groups.duration(extension.ref(), Pointer.of("ringFor"), extension.ringFor()),
                        groups.rings(extension.ringFor()));
            case Mailbox mailbox -> List.of(Part.end(Style.MESSAGE, "message"));
            case Ask ask -> groups.ask(ask, language);
            case HuntGroup group -> groups.hunt(group);
            case Queue queue -> groups.queue(queue, language);
            case Chain chain -> groups.chain(chain);
            case Page page -> groups.page(page);
            case Route o -> List.of();
            case Code code -> code(code);
            case Switch turned ->
                List.of(
                        Part.strong(turned.title()),
                        Part.plain("is turned on to its next position:"),
                        Part.digits(String.join(" · ", turned.positions())),
                        Part.muted("now " + turned.now()));
            case Outbound outbound -> outbound(outbound);
            case Aside o -> List.of();
        };
    }

    /// A phone that dials, as the first row of an outline: `Workshop 2001 dials 02079460000`.
    List<Part> dials(Extension phone, Dialling dialling) {
        List<Part> parts = new ArrayList<>(
                List.of(Part.strong(phone.title()), Part.plain("dials"), Part.digits(dialling.digits())));
        if (dialling.waits()) {
            parts.add(Part.muted("after " + Dialling.WAIT + " s, as longer numbers begin so"));
        }
        dialling.number()
                .ifPresent(number ->
                        parts.add(Part.muted("the site's own number " + number.international() + ", taken inside")));
        if (dialling.leads() instanceof Dialling.Leads.To(Ref ref)) {
            parts.add(Part.plain(ref.kind().title()));
            parts.add(Part.strong(plan.title(ref)));
        }
        return parts;
    }

    private List<Part> code(Code code) {
        List<Part> parts = new ArrayList<>();
        parts.add(Part.token(
                Style.STRONG,
                code.does().map(Object::toString).map(prompts::called).orElse("does nothing"),
                new Part.Edit(
                        code.ref(),
                        Pointer.of("does"),
                        code.does().map(Object::toString).orElse(""))));
        if (code.pin().isPresent()) {
            parts.add(Part.muted("asks for its PIN first"));
        }
        return parts;
    }

    private List<Part> outbound(Outbound outbound) {
        List<Part> parts = new ArrayList<>(List.of(
                Part.plain("out by"), Part.strong(outbound.title()), Part.muted("category " + outbound.category())));
        if (outbound.strip() > 0) {
            parts.add(Part.muted(
                    "first " + outbound.strip() + (outbound.strip() == 1 ? " digit" : " digits") + " taken away"));
        }
        outbound.before().ifPresent(before -> parts.add(Part.muted(before + " put before")));
        outbound.callerId()
                .ifPresent(number -> parts.add(
                        Part.muted("shows " + number.shownIn(plan.site().country()))));
        return parts;
    }

    private List<Part> branch(Branch branch) {
        return switch (branch.by()) {
            case Branch.By.OfHours(Ref ref) ->
                plan.find(ref, Hours.class).map(this::hours).orElseGet(() -> List.of(prompts.missing(ref)));
            case Branch.By.OfSwitch(Ref ref) ->
                plan.find(ref, Switch.class)
                        .map(turned -> List.of(
                                Part.plain("by switch " + turned.title() + ":"),
                                Part.digits(String.join(" · ", turned.positions())),
                                Part.muted("now " + turned.now())))
                        .orElseGet(() -> List.of(prompts.missing(ref)));
            case Branch.By.OfCaller caller -> List.of(Part.plain("by who calls"));
            case Branch.By.OfLanguage language -> List.of(Part.plain("by language"));
            case Branch.By.OfAsk(Ref ref) -> List.of(Part.plain("by what was keyed in " + plan.title(ref)));
            case Branch.By.OfLookup(Ref ref) ->
                plan.find(ref)
                        .map(lookup -> List.of(Part.plain("by what " + lookup.title() + " knows")))
                        .orElseGet(() -> List.of(prompts.missing(ref)));
        };
    }

    private List<Part> hours(Hours hours) {
        List<Part> parts = new ArrayList<>();
        List<HoursState> states = hours.calendar().states();
        String country = plan.site().country();
        for (int index = 0; index < states.size(); index++) {
            HoursState state = states.get(index);
            if (state.unconditional()) {
                continue;
            }
            if (!parts.isEmpty()) {
                parts.add(Part.muted("·"));
            }
            parts.add(Part.plain(state.state()));
            Pointer place = Pointer.of("states", index);
            if (state.season().isPresent()) {
                Season season = state.season().get();
                parts.add(Part.muted("from"));
                parts.add(rule(hours, place.to("season"), season.said(country), season));
            }
            for (int day = 0; day < state.on().size(); day++) {
                DateRule rule = state.on().get(day);
                parts.add(rule(hours, place.to("on").to(day), rule.said(country), rule));
            }
            for (int range = 0; range < state.weekly().size(); range++) {
                WeekRange week = state.weekly().get(range);
                parts.add(rule(hours, place.to("weekly").to(range), week.said(), week));
            }
        }
        return parts;
    }

    private static Part rule(Hours hours, Pointer field, String said, Object written) {
        return Part.token(Style.DIGITS, said, new Part.Edit(hours.ref(), field, written.toString()));
    }

    private List<Part> menu(Menu menu, String language) {
        List<Part> parts = new ArrayList<>();
        if (!menu.prompts().isEmpty()) {
            parts.add(Part.plain("says"));
            menu.prompts().forEach(one -> parts.addAll(prompts.prompt(one.prompt(), one.in(language))));
        }
        String tries = menu.tries() == 1 ? "1 try" : menu.tries() + " tries";
        parts.add(Part.token(
                Style.DIGITS, tries, new Part.Edit(menu.ref(), Pointer.of("tries"), String.valueOf(menu.tries()))));
        parts.add(groups.duration(menu.ref(), Pointer.of("keyWait"), menu.keyWait()));
        parts.add(Part.plain("for a key"));
        parts.addAll(prompts.said(
                "· no key", menu.ref(), Pointer.of("noKey"), menu.noKey().prompt(), language));
        parts.addAll(prompts.said(
                "· wrong key",
                menu.ref(),
                Pointer.of("wrongKey"),
                menu.wrongKey().prompt(),
                language));
        return parts;
    }

    /// How callers come by an exit: `after 20 s unanswered`.
    List<Part> label(PlanObject from, List<Cause> causes, String language) {
        if (causes.getFirst() instanceof Cause.Key(String pressed)) {
            List<Part> parts = new ArrayList<>(List.of(Part.key(pressed)));
            if (from instanceof Menu menu) {
                Optional.ofNullable(menu.keys().get(pressed)).ifPresent(does -> parts.addAll(keyed(does, language)));
            }
            return parts;
        }
        if (causes.getFirst() instanceof Cause.Callback(String pressed)) {
            return List.of(Part.key(pressed), Part.muted("call back:"));
        }
        if (causes.getFirst() instanceof Cause.Within(String pressed, String digits)) {
            return List.of(Part.key(pressed), Part.muted("then"), Part.key(digits));
        }
        if (causes.getFirst() instanceof Cause.KeyZero) {
            return List.of(Part.key("0"), Part.plain("in the greeting"));
        }
        if (causes.getFirst() instanceof Cause.Digits) {
            long known = causes.stream()
                    .filter(cause -> cause instanceof Cause.Digits(Optional<String> found) && found.isPresent())
                    .count();
            String whose = known == 0
                    ? "anybody's"
                    : known == 1 ? "a contact's or nobody's" : "any of " + known + " contacts' or nobody's";
            return List.of(Part.plain("digits given, " + whose + ":"));
        }
        List<Part> given = from instanceof Branch branch ? cases(branch, causes) : List.of();
        String words = String.join(
                ", ",
                causes.stream()
                        .map(cause -> words(from, cause))
                        .filter(w -> !w.isEmpty())
                        .distinct()
                        .toList());
        return words.isEmpty()
                ? given
                : Stream.concat(
                                Stream.of(Part.plain(LAST_COMMA.matcher(words).replaceAll(" or $1") + ":")),
                                given.stream())
                        .toList();
    }

    /// What the cases of a branch give their calls.
    private static List<Part> cases(Branch branch, List<Cause> causes) {
        return causes.stream()
                .flatMap(
                        cause -> cause instanceof Cause.Case(String state) ? branch.taken(state).stream() : Stream.of())
                .distinct()
                .flatMap(one -> Stream.concat(
                        sets(one.sets()).stream(),
                        one.greetAs().stream().map(reason -> Part.muted("greeted as " + reason.word() + ","))))
                .toList();
    }

    /// What a call is given.
    private static List<Part> sets(Sets sets) {
        List<Part> parts = new ArrayList<>();
        sets.language()
                .ifPresent(spoken -> parts.add(
                        Part.muted("in " + Locale.forLanguageTag(spoken).getDisplayLanguage(Locale.ENGLISH) + ",")));
        if (!sets.tags().isEmpty()) {
            parts.add(Part.muted("tagged " + String.join(", ", sets.tags()) + ","));
        }
        return parts;
    }

    /// What a key does before the call goes on.
    private List<Part> keyed(Menu.OnKey does, String language) {
        List<Part> parts = new ArrayList<>();
        does.label().ifPresent(label -> parts.add(Part.muted(label + ":")));
        parts.addAll(sets(does.sets()));
        String heard = does.sets().language().orElse(language);
        does.say().ifPresent(prompt -> {
            parts.add(Part.muted("says"));
            parts.addAll(prompts.prompt(prompt.prompt(), prompt.in(heard)));
            parts.add(Part.muted("then"));
        });
        return parts;
    }

    private String words(PlanObject from, Cause cause) {
        return switch (cause) {
            case Cause.Passed passed -> "";
            case Cause.NoNumber none -> "no number";
            case Cause.Case(String state) -> state;
            case Cause.Key(String pressed) -> pressed;
            case Cause.Dialled(String extension) -> extension;
            case Cause.NoValidKey none -> "no valid key" + tries(from);
            case Cause.NoKey none -> "no key" + tries(from);
            case Cause.WrongKey wrong -> "wrong key" + tries(from);
            case Cause.Answered answered -> "";
            case Cause.NoAnswer none -> "unanswered";
            case Cause.Busy busy -> "busy";
            case Cause.Unreachable off -> "unreachable";
            case Cause.Forwarded always -> "always";
            case Cause.Message message -> "";
            case Cause.KeyZero zero -> "0";
            case Cause.Digits digits -> "digits given";
            case Cause.Looked(Answer answer, boolean keyed) -> (keyed ? "digits given, " : "") + answer.word();
            case Cause.NoValidDigits none -> "no valid digits";
            case Cause.Full full -> "full";
            case Cause.NoAgents none -> "no agents";
            case Cause.AgentsGone gone -> "no agents left";
            case Cause.Overflow overflow ->
                from instanceof Queue queue
                        ? "after "
                                + queue.attempts()
                                        .map(phones ->
                                                phones + (phones == 1 ? " phone" : " phones") + " rung to the end, or ")
                                        .orElse("")
                                + new Seconds(queue.longestWait()).said()
                        : "overflow";
            case Cause.Callback(String pressed) -> pressed;
            case Cause.Within(String pressed, String digits) -> pressed + " " + digits;
            case Cause.Paged paged -> "";
            case Cause.Done done -> "";
            case Cause.Barred barred -> "not in its class of service";
            case Cause.ByTrunk(Ref trunk) -> "by " + plan.title(trunk);
            case Cause.NoChannel none -> "every trunk full or down";
        };
    }

    private static String tries(PlanObject from) {
        return from instanceof Menu menu ? " in " + menu.tries() + (menu.tries() == 1 ? " try" : " tries") : "";
    }

    /// The destination of an exit as a token, and the end it comes to where it is one.
    List<Part> destination(PlanObject from, Optional<Pointer> field, Onward onward) {
        List<Part> parts = new ArrayList<>();
        field.ifPresent(place -> parts.add(token(from, place, onward)));
        if (onward instanceof Onward.Ends(Ending ending, var _)) {
            parts.add(ended(from, ending));
        }
        return parts;
    }

    private Part token(PlanObject from, Pointer field, Onward onward) {
        String value = slots.computeIfAbsent(from.ref(), ref -> from.slots()).stream()
                .filter(slot -> slot.at().equals(field))
                .findFirst()
                .flatMap(Slot::holds)
                .map(Object::toString)
                .orElse("");
        String text = switch (onward) {
            case Onward.Next(var state) -> state.at().kind().title() + " " + plan.title(state.at());
            case Onward.Ends(Ending ending, var _) -> value.isEmpty() ? "nowhere" : prompts.called(value);
        };
        boolean again = value.equals("repeat") || value.equals("back") || value.equals("own-mailbox");
        return Part.token(
                Style.STRONG,
                again ? value.replace('-', ' ') + ": " + text : text,
                new Part.Edit(from.ref(), field, value));
    }

    private static Part ended(PlanObject from, Ending ending) {
        return switch (ending.kind()) {
            case ANSWERED -> Part.end(Style.ANSWERED, "answered");
            case MESSAGE -> Part.end(Style.MESSAGE, "message");
            case OUTSIDE, CALLBACK, PAGED, DONE ->
                Part.end(Style.OUTSIDE, ending.kind().word());
            case BUSY -> Part.end(Style.ENDED, "busy tone");
            case HUNG_UP -> Part.end(Style.ENDED, "hung up");
            case BARRED -> Part.end(Style.ENDED, "barred");
            case NO_CHANNEL -> Part.end(Style.ENDED, "no free channel");
            case UNMATCHED, STOPPED -> Part.end(Style.LOST, ending.kind().word());
            case LOST ->
                Part.end(
                        Style.LOST,
                        "lost: "
                                + ending.cause()
                                        .map(cause -> switch (cause) {
                                            case HOLE -> "nothing is there";
                                            case ENDLESS -> "endless";
                                            case NOBODY ->
                                                from instanceof RingGroup
                                                                || from instanceof HuntGroup
                                                                || from instanceof Queue
                                                        ? "nobody to ring"
                                                        : "no mailbox of its own";
                                        })
                                        .orElse(""));
        };
    }

    /// @param from a menu that extensions are dialled in, or an ask that any number of the site is
    List<Part> dialled(PlanObject from, int many) {
        String what = from instanceof Menu ? "extension" : "number";
        return List.of(
                Part.plain((from instanceof Menu ? "an " : "a ") + what + " dialled:"),
                Part.muted(many + " " + what + (many == 1 ? "" : "s")));
    }
}
