package app.bittern.finding.checks;

import app.bittern.plan.HuntGroup;
import app.bittern.plan.Member;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.RingGroup;
import java.util.ArrayList;
import java.util.List;

/// The groups of a plan with their members.
final class Members {
    private Members() {}

    record Group(PlanObject object, List<Member> members) {}

    static List<Group> of(Plan plan) {
        List<Group> groups = new ArrayList<>();
        for (PlanObject object : plan.objects()) {
            switch (object) {
                case RingGroup group -> groups.add(new Group(group, group.members()));
                case HuntGroup group -> groups.add(new Group(group, group.members()));
                default -> {}
            }
        }
        return groups;
    }
}
