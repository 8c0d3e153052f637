package app.bittern.edit;

import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.Site;
import java.math.BigInteger;
import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/// What a new object can be called: a key that none of its kind has, and the next number of its block.
public final class Fresh {
    /// So many numbers of a block are looked through.
    private static final int MOST = 100_000;

    private static final int LONGEST = 63;

    private final Plan plan;
    private final Set<String> taken;

    private Fresh(Plan plan) {
        this.plan = plan;
        this.taken = plan.objects().stream()
                .flatMap(object -> object.number().stream())
                .collect(Collectors.toSet());
    }

    /// In a plan, beside what is there.
    public static Fresh in(Plan plan) {
        return new Fresh(plan);
    }

    /// The lowest free number of the blocks set aside for a kind, in their order; none where no block is or all
    /// are full.
    public Optional<String> number(Kind kind) {
        return plan.site().blocks().stream()
                .filter(block -> block.use().equals(kind.word()))
                .flatMap(block -> next(block).stream())
                .findFirst();
    }

    /// The lowest free number of a block; none where it is full.
    public Optional<String> next(Site.Block block) {
        BigInteger first = new BigInteger(block.from());
        int width = block.from().length();
        BigInteger last = new BigInteger(block.to());
        return IntStream.range(0, MOST)
                .mapToObj(step -> first.add(BigInteger.valueOf(step)))
                .takeWhile(number -> number.compareTo(last) <= 0)
                .map(number -> padded(number.toString(), width))
                .filter(number -> !taken.contains(number))
                .findFirst();
    }

    private static String padded(String digits, int width) {
        return "0".repeat(Math.max(0, width - digits.length())) + digits;
    }

    /// A key for an object of that name: `Front desk` gives front-desk, or front-desk-2 where that is taken. Of
    /// an extension it is its number; of an inbound number it must be given.
    public Optional<String> key(Kind kind, String name) {
        return switch (kind.keys()) {
            case DIGITS -> number(kind);
            case E164 -> Optional.empty();
            case WORDS -> {
                String words = words(name).isEmpty() ? kind.word() : words(name);
                yield IntStream.iterate(1, count -> count + 1)
                        .mapToObj(count -> count == 1 ? words : words + "-" + count)
                        .filter(key -> plan.find(new Ref(kind, key)).isEmpty())
                        .findFirst();
            }
        };
    }

    /// The fields that somebody who makes one has in mind, though it can be without them.
    public static List<String> meant(Kind kind) {
        return switch (kind) {
            case ROUTE -> List.of("called");
            case RING_GROUP, HUNT_GROUP -> List.of("members");
            case QUEUE -> List.of("agents");
            case NUMBER -> List.of("trunk");
            case EXTENSION -> List.of("mailbox");
            case SITE,
                    TRUNK,
                    HOURS,
                    SWITCH,
                    BRANCH,
                    ANNOUNCEMENT,
                    MENU,
                    ASK,
                    LOOKUP,
                    CHAIN,
                    MAILBOX,
                    PROMPT,
                    MUSIC,
                    CONTACT,
                    CLASS_OF_SERVICE,
                    OUTBOUND,
                    PAGE,
                    CODE,
                    RECIPIENTS,
                    ALARM,
                    TRAP_TARGET,
                    PAUSE_REASON,
                    CALL_RESULT,
                    AGENT_NOTE,
                    TRAFFIC,
                    TEST_CALL,
                    PROMISE,
                    ACCEPTED -> List.of();
        };
    }

    /// A name that is not there yet for a copy of an object: `Freight copy`, `Freight copy 2`.
    public String name(PlanObject copied) {
        Set<String> names = plan.objects().stream()
                .flatMap(object -> object.name().stream())
                .collect(Collectors.toSet());
        String name = copied.name().orElse(copied.ref().key());
        return IntStream.iterate(1, count -> count + 1)
                .mapToObj(count -> name + " copy" + (count == 1 ? "" : " " + count))
                .filter(copy -> !names.contains(copy))
                .findFirst()
                .orElseThrow();
    }

    /// Letters without their marks and digits, in words joined by hyphens.
    private static String words(String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFKD)
                .replaceAll("\\p{M}", "")
                .replace("ß", "ss")
                .replace("ø", "o")
                .replace("Ø", "o")
                .replace("æ", "ae")
                .replace("Æ", "ae")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-+|-+$", "");
        String cut = plain.substring(0, Math.min(plain.length(), LONGEST - 4));
        return cut.replaceAll("-+$", "");
    }
}
