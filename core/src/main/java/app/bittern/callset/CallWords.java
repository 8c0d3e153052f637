package app.bittern.callset;

import app.bittern.hours.TimeSet;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Contact;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/// Says which calls a set holds: as products of time, callers and switches that share no call and together
/// are the set.
///
/// `Mon–Fri 08:30–17:00; or always, callers tagged haulier` is two products.
public final class CallWords {
    /// The most products that are said; the rest is counted.
    public static final int MOST = 12;

    private static final String WITHHELD = "withheld callers";
    private static final String UNAVAILABLE = "callers whose number is unavailable";
    private static final String WITHOUT = "callers without a number";
    private static final int MOST_CALLERS = 6;
    private static final int MOST_PARTS = 4000;

    private final CallClasses classes;
    private final Map<BitSet, String> timeWords = new HashMap<>();

    public CallWords(CallClasses classes) {
        this.classes = classes;
    }

    /// Calls at some times, by some callers, with switches in some positions: all combinations of these.
    ///
    /// @param callers  one of each class; empty for anybody
    /// @param switches the positions of those that matter
    public record Product(
            TimeSet times,
            String when,
            List<Caller> callers,
            Optional<String> who,
            Map<Ref, List<String>> switches,
            String turned) {
        /// Times first, then who calls, then the switches.
        public String words() {
            return when + who.map(some -> ", " + some).orElse("") + (turned.isEmpty() ? "" : ", " + turned);
        }
    }

    /// A set as products.
    ///
    /// @param list  those of the most hours first; no call is in two of them
    /// @param whole whether they are the whole set; one of more than 4,000 ways through its diagram is cut
    ///              off there
    public record Products(List<Product> list, boolean whole) {
        public Products {
            list = List.copyOf(list);
        }
    }

    private record Part(BitSet callers, List<BitSet> switches, BitSet times) {}

    /// The products of a set.
    public Products products(CallSet set) {
        List<Part> parts = new ArrayList<>();
        collect(set, 0, new ArrayList<>(), parts);
        List<Part> said = parts.subList(0, Math.min(parts.size(), MOST_PARTS));
        return new Products(
                merged(said).stream()
                        .map(this::product)
                        .sorted(Comparator.comparingLong(
                                        (Product one) -> -one.times().seconds())
                                .thenComparing(one -> one.who().isPresent())
                                .thenComparing(Product::words))
                        .toList(),
                parts.size() <= MOST_PARTS);
    }

    /// Every way through the diagram is a part; one more than are said is looked for, to know whether there
    /// is more.
    private void collect(CallSet set, int level, List<BitSet> above, List<Part> parts) {
        if (set.isEmpty() || parts.size() > MOST_PARTS) {
            return;
        }
        if (level == classes.levels()) {
            parts.add(new Part(above.getFirst(), List.copyOf(above.subList(1, level - 1)), above.getLast()));
            return;
        }
        if (set.level > level) {
            collect(set, level + 1, with(above, set.at(level)), parts);
            return;
        }
        for (int index = 0; index < set.parts.length; index++) {
            CallSet child = Objects.requireNonNull(set.children[index]);
            collect(child, level + 1, with(above, set.parts[index]), parts);
        }
    }

    private static List<BitSet> with(List<BitSet> above, BitSet part) {
        List<BitSet> further = new ArrayList<>(above);
        further.add(part);
        return further;
    }

    /// Parts that differ in their callers alone are one.
    private static List<Part> merged(List<Part> parts) {
        Map<List<Object>, Part> merged = new LinkedHashMap<>();
        for (Part part : parts) {
            merged.merge(List.of(part.switches(), part.times()), part, (one, other) -> {
                BitSet both = (BitSet) one.callers().clone();
                both.or(other.callers());
                return new Part(both, one.switches(), one.times());
            });
        }
        return new ArrayList<>(merged.values());
    }

    private Product product(Part part) {
        List<Caller> all = classes.callers();
        boolean anybody = part.callers().cardinality() == all.size();
        Map<Ref, List<String>> switches = new LinkedHashMap<>();
        List<String> turned = new ArrayList<>();
        for (int index = 0; index < part.switches().size(); index++) {
            CallClasses.Turned one = classes.switches().get(index);
            BitSet positions = part.switches().get(index);
            if (positions.cardinality() < one.positions().size()) {
                List<String> names = positions.stream()
                        .mapToObj(at -> one.positions().get(at))
                        .toList();
                switches.put(one.ref(), names);
                turned.add(one.title() + " at " + String.join(" or ", names));
            }
        }
        TimeSet times = classes.times(part.times());
        return new Product(
                times,
                timeWords(part.times(), times),
                anybody ? List.of() : part.callers().stream().mapToObj(all::get).toList(),
                anybody ? Optional.empty() : Optional.of(who(part.callers())),
                switches,
                String.join(", ", turned));
    }

    private synchronized String timeWords(BitSet classesOf, TimeSet times) {
        return timeWords.computeIfAbsent((BitSet) classesOf.clone(), any -> times.words());
    }

    /// A set in words.
    public String words(CallSet set) {
        if (set.isEmpty()) {
            return "never";
        }
        Products all = products(set);
        List<Product> products = all.list();
        String said = String.join(
                "; or ", products.stream().limit(MOST).map(Product::words).toList());
        if (products.size() <= MOST) {
            return said;
        }
        TimeSet rest = products.stream()
                .skip(MOST)
                .map(Product::times)
                .reduce(TimeSet::union)
                .orElseThrow();
        return said + "; and " + (products.size() - MOST) + (all.whole() ? "" : " and still") + " more, "
                + (all.whole() ? "" : "at least ") + hoursAYear(rest) + " hours a year";
    }

    /// The hours of a set of instants, of the 53 weeks that are looked at, for a year of 365 days.
    private static long hoursAYear(TimeSet times) {
        return Math.round(times.seconds() / 3600.0 * 365 / app.bittern.hours.Horizon.DAYS);
    }

    private String who(BitSet some) {
        BitSet others = new BitSet();
        others.set(0, classes.callers().size());
        others.andNot(some);
        String plain = names(some);
        String but = "anybody but " + names(others);
        // Whom no rule means is "other callers", and nothing else than those that are named.
        return but.length() < plain.length() && !others.get(0) ? but : plain;
    }

    private String names(BitSet some) {
        Set<String> all = some.stream()
                .mapToObj(index -> name(classes.callers().get(index), index))
                .collect(Collectors.toCollection(LinkedHashSet::new));
        if (all.containsAll(List.of(WITHHELD, UNAVAILABLE))) {
            all.removeAll(List.of(WITHHELD, UNAVAILABLE));
            all.add(WITHOUT);
        }
        List<String> names = List.copyOf(all);
        return names.size() <= MOST_CALLERS
                ? String.join(" or ", names)
                : String.join(" or ", names.subList(0, MOST_CALLERS)) + " or " + (names.size() - MOST_CALLERS)
                        + " kinds more";
    }

    /// Callers without a number are one class unless a rule is for those of one sort.
    private String without(Caller caller) {
        if (caller instanceof Caller.Unavailable) {
            return UNAVAILABLE;
        }
        boolean apart = CallerClasses.rules(classes.plans()).stream()
                .anyMatch(rule -> rule instanceof Route.From.Withheld || rule instanceof Route.From.Unavailable);
        return apart ? WITHHELD : WITHOUT;
    }

    private String name(Caller caller, int index) {
        if (caller.delivered().isEmpty()) {
            return without(caller);
        }
        E164 delivered = caller.delivered().get();
        String number = delivered.text();
        Optional<Contact> contact = classes.plans().stream()
                .flatMap(plan -> plan.find(new Ref(Kind.CONTACT, number), Contact.class).stream())
                .findFirst();
        if (contact.isPresent() && !contact.get().tags().isEmpty()) {
            return "callers tagged " + String.join(", ", contact.get().tags())
                    + contact.get()
                            .language()
                            .map(spoken -> " (" + spoken + ")")
                            .orElse("");
        }
        if (contact.isPresent() && contact.get().language().isPresent()) {
            return "callers who speak " + contact.get().language().get();
        }
        String country = classes.plans().getFirst().site().country();
        return index == 0 ? "other callers" : "callers such as " + delivered.shownIn(country);
    }
}
