package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Site;
import java.math.BigInteger;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// A block of numbers of which hardly any is left.
final class BlockFull implements Check {
    private static final About ABOUT = new About(
            "block-full",
            "Block nearly full",
            Severity.HINT,
            "A block of ten numbers or more of which nine in ten are given.",
            "The next person finds no number where one is looked for. Widen the block, or set another aside.");

    private static final int SMALLEST = 10;

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        List<Site.Block> blocks = plan.site().blocks();
        return IntStream.range(0, blocks.size())
                .boxed()
                .flatMap(index -> look(plan, blocks.get(index), index))
                .toList();
    }

    private static Stream<Finding> look(Plan plan, Site.Block block, int index) {
        BigInteger all = new BigInteger(block.to())
                .subtract(new BigInteger(block.from()))
                .add(BigInteger.ONE);
        long given = plan.objects().stream()
                .flatMap(object -> object.number().stream())
                .filter(number -> NumberBlock.in(block, number))
                .count();
        boolean full = all.compareTo(BigInteger.valueOf(SMALLEST)) >= 0
                && BigInteger.valueOf(given * 10).compareTo(all.multiply(BigInteger.valueOf(9))) >= 0;
        return full
                ? Stream.of(ABOUT.at(
                                plan.site().ref(),
                                Pointer.of("blocks", String.valueOf(index)),
                                "Of the " + all + " numbers " + block.from() + " to " + block.to() + " set aside for "
                                        + block.use() + ", " + given + " are given.")
                        .of(block.from(), block.to(), given))
                : Stream.empty();
    }
}
