package app.bittern.proof;

import app.bittern.call.Dialling;
import app.bittern.hours.TypedWords;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Contact;
import app.bittern.plan.Extension;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.Month;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/// A call as somebody types it: `call 960100 tomorrow 20:00 press 3`, `2014 dials 004479460000`.
///
/// @param says  how it is read, so that it can be checked before it is made
/// @param bench what is meant
public record TypedCall(String says, BenchText bench) {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("EEE d MMM yyyy HH:mm", Locale.ENGLISH);
    private static final Pattern CLOCK = Pattern.compile("(\\d{1,2})(?:[:.](\\d{2}))?(am|pm)?");
    private static final Set<String> BEFORE_WHEN = Set.of("at", "on", "next", "from", "press", "pressing", "presses");

    /// Reads one.
    ///
    /// @param now    the site's clock, which `today` and `tomorrow` are counted from
    /// @param bench  the instant that is meant where the text says none, of the site's clock
    /// @return none where the text does not begin as a call does, or something in it is not known
    public static Optional<TypedCall> read(String text, Plan plan, LocalDateTime now, LocalDateTime bench) {
        List<String> words = Stream.of(text.strip().split("[\\s,]+")).toList();
        Reader reader = new Reader(words, plan, now, bench);
        return reader.read();
    }

    /// One pass over the words.
    private static final class Reader {
        private final List<String> words;
        private final Plan plan;
        private final LocalDateTime now;
        private Optional<LocalDate> date = Optional.empty();
        private Optional<LocalTime> time = Optional.empty();
        private final LocalDateTime bench;
        private final List<String> keys = new ArrayList<>();
        private int next;

        Reader(List<String> words, Plan plan, LocalDateTime now, LocalDateTime bench) {
            this.words = words;
            this.plan = plan;
            this.now = now;
            this.bench = bench;
        }

        private String word() {
            return next < words.size() ? words.get(next).toLowerCase(Locale.ROOT) : "";
        }

        Optional<TypedCall> read() {
            int dials = -1;
            for (int at = 0; at < words.size() && dials < 0; at++) {
                dials = words.get(at).toLowerCase(Locale.ROOT).equals("dials") ? at : -1;
            }
            if (dials > 0) {
                Optional<Extension> phone = extension(String.join(" ", words.subList(0, dials)));
                next = dials + 1;
                String digits = next < words.size() ? words.get(next++) : "";
                return phone.filter(one -> Dialling.sound(digits) && rest()).map(one -> inside(one, digits));
            }
            if (!word().equals("call") || words.size() < 2) {
                return Optional.empty();
            }
            next = 1;
            String called = upTo();
            Optional<String> from = Optional.empty();
            if (word().equals("from")) {
                next++;
                from = Optional.of(upTo());
            }
            if (called.isEmpty() || !rest()) {
                return Optional.empty();
            }
            Optional<Extension> phone = from.flatMap(this::extension);
            if (phone.isPresent()) {
                String digits = called.replaceAll("[\\s().-]", "");
                return Dialling.sound(digits) ? Optional.of(inside(phone.get(), digits)) : Optional.empty();
            }
            Optional<E164> number = number(called);
            Optional<String> caller = from.isEmpty() ? Optional.of("") : from.flatMap(this::caller);
            return number.flatMap(to -> caller.map(who -> outside(to, who)));
        }

        /// The words up to one that begins something else.
        private String upTo() {
            int first = next;
            while (next < words.size() && !begins()) {
                next++;
            }
            return String.join(" ", words.subList(first, next));
        }

        private boolean begins() {
            return BEFORE_WHEN.contains(word())
                    || day(false)
                    || (word().contains(":") && clock(word()).isPresent());
        }

        /// When it is made and what is pressed; false where some word is not known.
        private boolean rest() {
            while (next < words.size()) {
                String word = word();
                if (word.equals("at") || word.equals("on") || word.equals("next")) {
                    next++;
                } else if (word.startsWith("press")) {
                    next++;
                    return pressed();
                } else if (!day(true)) {
                    time = time.isPresent() ? Optional.empty() : clock(word);
                    if (time.isEmpty()) {
                        return false;
                    }
                    next++;
                }
            }
            return true;
        }

        private boolean pressed() {
            for (; next < words.size(); next++) {
                String word = word();
                if (word.matches("[0-9*#]{1,32}")) {
                    keys.add(word);
                } else if (word.equals("nothing")) {
                    keys.add("-");
                } else if (!word.equals("then") && !word.equals("and")) {
                    return false;
                }
            }
            return !keys.isEmpty();
        }

        /// Whether a day comes next; it is taken where asked for.
        private boolean day(boolean take) {
            Optional<LocalDate> found = Optional.empty();
            int used = 1;
            String word = word();
            if (word.equals("today") || word.equals("tomorrow")) {
                found = Optional.of(now.toLocalDate().plusDays(word.equals("today") ? 0 : 1));
            } else if (TypedWords.weekday(word).isPresent()) {
                found = Optional.of(now.toLocalDate()
                        .with(TemporalAdjusters.nextOrSame(
                                TypedWords.weekday(word).get())));
            } else if (word.matches("\\d{4}-\\d{2}-\\d{2}")) {
                found = date(word);
            } else if (word.matches("\\d{1,2}(st|nd|rd|th)?") && next + 1 < words.size()) {
                found = TypedWords.month(words.get(next + 1))
                        .flatMap(month -> coming(month, Integer.parseInt(word.replaceAll("\\D", ""))));
                used = 2;
            }
            if (found.isPresent() && take) {
                date = found;
                next += used;
            }
            return found.isPresent();
        }

        /// The next such day from today on.
        private Optional<LocalDate> coming(Month month, int day) {
            for (int year = now.getYear(); year < now.getYear() + 5; year++) {
                Optional<LocalDate> found =
                        date(String.format(Locale.ROOT, "%d-%02d-%02d", year, month.getValue(), day));
                if (found.filter(one -> !one.isBefore(now.toLocalDate())).isPresent()) {
                    return found;
                }
            }
            return Optional.empty();
        }

        private static Optional<LocalDate> date(String text) {
            try {
                return Optional.of(LocalDate.parse(text));
            } catch (DateTimeException none) {
                return Optional.empty();
            }
        }

        private static Optional<LocalTime> clock(String word) {
            if (word.equals("noon") || word.equals("midnight")) {
                return Optional.of(word.equals("noon") ? LocalTime.NOON : LocalTime.MIDNIGHT);
            }
            Matcher read = CLOCK.matcher(word);
            if (!read.matches() || (read.group(2) == null && read.group(3) == null && word.length() > 2)) {
                return Optional.empty();
            }
            int hour = Integer.parseInt(read.group(1));
            int minute = read.group(2) == null ? 0 : Integer.parseInt(read.group(2));
            boolean half = read.group(3) != null;
            if (half) {
                hour = hour > 12 ? -1 : hour % 12 + (read.group(3).equals("pm") ? 12 : 0);
            }
            return hour < 0 || hour > 23 || minute > 59 ? Optional.empty() : Optional.of(LocalTime.of(hour, minute));
        }

        /// An inbound number by its digits, its last digits or its name; else any number as people write it.
        private Optional<E164> number(String text) {
            Optional<E164> typed = E164.typed(text, plan.site().country());
            if (typed.filter(one -> plan.find(new Ref(Kind.NUMBER, one.text())).isPresent())
                    .isPresent()) {
                return typed;
            }
            String digits = text.replaceAll("[\\s().-]", "");
            List<InboundNumber> found = plan.all(InboundNumber.class)
                    .filter(number -> digits.matches("[0-9]{3,}")
                            ? number.called().text().endsWith(digits)
                            : titled(number, text))
                    .toList();
            return found.size() == 1 ? Optional.of(found.getFirst().called()) : typed;
        }

        private Optional<String> caller(String text) {
            String country = plan.site().country();
            return Caller.parse(text.toLowerCase(Locale.ROOT))
                    .or(() -> E164.typed(text, country).map(Caller.Known::new))
                    .map(Caller::toString)
                    .or(() -> plan.all(Contact.class)
                            .filter(contact -> titled(contact, text))
                            .map(contact -> contact.caller().text())
                            .findFirst());
        }

        private Optional<Extension> extension(String text) {
            Optional<Extension> numbered = Ref.sound(Kind.EXTENSION, text)
                    ? plan.find(new Ref(Kind.EXTENSION, text), Extension.class)
                    : Optional.empty();
            return numbered.or(() -> plan.all(Extension.class)
                    .filter(extension ->
                            extension.name().filter(text::equalsIgnoreCase).isPresent())
                    .findFirst());
        }

        private static boolean titled(PlanObject object, String text) {
            return object.title().equalsIgnoreCase(text);
        }

        private String at() {
            LocalDate day = date.orElse(bench.toLocalDate());
            return day.atTime(time.orElse(bench.toLocalTime())).toString();
        }

        private TypedCall outside(E164 to, String from) {
            String title = plan.find(new Ref(Kind.NUMBER, to.text()))
                    .map(number -> number.title() + " " + to.international())
                    .orElse(to.international());
            return new TypedCall(
                    "Call " + title + (from.isEmpty() ? "" : " from " + shown(from)) + told(), text(to.text(), from));
        }

        private String shown(String from) {
            return E164.parse(from)
                    .map(number -> plan.find(new Ref(Kind.CONTACT, number.text()))
                            .map(PlanObject::title)
                            .orElse(number.international()))
                    .orElse("a " + from + " number");
        }

        private TypedCall inside(Extension phone, String digits) {
            return new TypedCall(
                    phone.title() + " dials " + digits + told(), text(digits, "extension/" + phone.dialled()));
        }

        private String told() {
            return " on " + WHEN.format(LocalDateTime.parse(at()))
                    + (keys.isEmpty()
                            ? ""
                            : ", press " + String.join(" then ", keys).replace("-", "nothing"));
        }

        private BenchText text(String to, String from) {
            return new BenchText(to, from, at(), String.join(",", keys), List.of());
        }
    }
}
