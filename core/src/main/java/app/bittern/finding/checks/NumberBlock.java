package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Site;
import java.util.List;

/// A number outside the blocks set aside for its kind.
final class NumberBlock implements Check {
    private static final About ABOUT = new About(
            "number-block",
            "Number outside its block",
            Severity.HINT,
            "A number outside the blocks set aside for its kind.",
            "The numbering plan says where numbers of a kind are found. Give it a number from its block, or widen the block.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return plan.objects().stream()
                .filter(object -> object.number().isPresent())
                .filter(object -> {
                    List<Site.Block> blocks = plan.site().blocks().stream()
                            .filter(block ->
                                    block.use().equals(object.ref().kind().word()))
                            .toList();
                    return !blocks.isEmpty()
                            && blocks.stream()
                                    .noneMatch(
                                            block -> in(block, object.number().orElseThrow()));
                })
                .map(object -> ABOUT.at(
                                object.ref(),
                                Pointer.of("number"),
                                Says.the(object) + " has the number "
                                        + object.number().orElseThrow() + ", which is in no block for its kind.")
                        .of(object.number().orElseThrow())
                        .together("have numbers that are in no block for their kind"))
                .toList();
    }

    static boolean in(Site.Block block, String number) {
        return number.length() == block.from().length()
                && number.compareTo(block.from()) >= 0
                && number.compareTo(block.to()) <= 0;
    }
}
