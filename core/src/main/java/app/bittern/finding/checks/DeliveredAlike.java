package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.number.Delivers;
import app.bittern.number.E164;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import app.bittern.plan.Trunk;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// Two inbound numbers whose calls a trunk delivers with the same digits.
final class DeliveredAlike extends PerObject<Trunk> {
    private static final About ABOUT = new About(
            "delivered-alike",
            "Numbers delivered alike",
            Severity.BLOCKING,
            "Two inbound numbers whose calls a trunk delivers with the same digits.",
            "Nobody can tell which was called, and neither works. Let the trunk deliver more digits, or put one on another trunk.");

    DeliveredAlike() {
        super(ABOUT, Trunk.class);
    }

    @Override
    Stream<Finding> look(Trunk trunk, Examination examination) {
        if (!(trunk.delivers() instanceof Delivers.Last(int digits))) {
            return Stream.empty();
        }
        Map<String, List<Ref>> alike = new LinkedHashMap<>();
        examination
                .plan()
                .all(InboundNumber.class)
                .filter(number -> number.trunk().equals(Optional.of(trunk.ref())))
                .forEach(number -> {
                    String text = number.called().text();
                    alike.computeIfAbsent(
                                    text.substring(Math.max(1, text.length() - digits)), last -> new ArrayList<>())
                            .add(number.ref());
                });
        return alike.entrySet().stream()
                .filter(same -> same.getValue().size() > 1)
                .map(same -> ABOUT.at(
                                same.getValue().getFirst(),
                                Pointer.of("trunk"),
                                "Numbers "
                                        + Says.some(same.getValue().stream()
                                                .map(ref -> new E164(ref.key()).international())
                                                .toList())
                                        + " are both delivered as " + same.getKey() + " by " + Says.the(trunk) + ".")
                        .alsoAt(same.getValue().subList(1, same.getValue().size()))
                        .of(same.getKey()));
    }
}
