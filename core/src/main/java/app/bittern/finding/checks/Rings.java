package app.bittern.finding.checks;

import app.bittern.plan.Announcement;
import app.bittern.plan.Aside;
import app.bittern.plan.Ask;
import app.bittern.plan.Branch;
import app.bittern.plan.Chain;
import app.bittern.plan.Code;
import app.bittern.plan.Extension;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.Outbound;
import app.bittern.plan.Page;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import app.bittern.plan.Switch;
import java.util.ArrayList;
import java.util.List;

/// The ring times of a plan.
final class Rings {
    private Rings() {}

    /// @param field where it is set
    record Ring(PlanObject object, Pointer field, Seconds seconds) {}

    static List<Ring> of(Plan plan) {
        List<Ring> rings = new ArrayList<>();
        for (PlanObject object : plan.objects()) {
            switch (object) {
                case Extension extension -> rings.add(new Ring(extension, Pointer.of("ringFor"), extension.ringFor()));
                case RingGroup group -> rings.add(new Ring(group, Pointer.of("ringFor"), group.ringFor()));
                case HuntGroup group -> rings.add(new Ring(group, Pointer.of("ringEach"), group.ringEach()));
                case Queue queue -> rings.add(new Ring(queue, Pointer.of("ringEach"), queue.ringEach()));
                case Chain chain -> {
                    for (int index = 0; index < chain.stages().size(); index++) {
                        rings.add(new Ring(
                                chain,
                                Pointer.of("stages", index, "for"),
                                chain.stages().get(index).time()));
                    }
                }
                case Route o -> {}
                case Branch o -> {}
                case Announcement o -> {}
                case Menu o -> {}
                case Ask o -> {}
                case Mailbox o -> {}
                case Page o -> {}
                case Code o -> {}
                case Switch o -> {}
                case Outbound o -> {}
                case Aside o -> {}
            }
        }
        return rings;
    }
}
