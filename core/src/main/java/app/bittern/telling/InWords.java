package app.bittern.telling;

import app.bittern.call.Ending;
import app.bittern.call.Trace;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.List;

/// A call in one sentence: `Terminal open?, Closed: message in Bookings after 0:04`.
public final class InWords {
    private InWords() {}

    public static String of(Plan plan, Trace trace) {
        List<String> passed = trace.steps().stream()
                .skip(1)
                .map(step -> title(plan, step.object()))
                .distinct()
                .toList();
        Ending ending = trace.ending();
        boolean said = !passed.isEmpty() && passed.getLast().equals(title(plan, ending.in()));
        String way = String.join(", then ", said ? passed.subList(0, passed.size() - 1) : passed);
        return (way.isEmpty() ? "" : way + ": ") + ended(plan, ending) + " " + Seconds.after(trace.second());
    }

    /// Where a call comes to rest: `message in Bookings`.
    public static String ended(Plan plan, Ending ending) {
        String in = title(plan, ending.in());
        return switch (ending.kind()) {
            case ANSWERED ->
                "answered by " + ending.by().map(by -> title(plan, by)).orElse(in);
            case MESSAGE -> "message in " + in;
            case OUTSIDE ->
                ending.by()
                        .map(trunk -> "sent out by " + title(plan, trunk))
                        .orElse("sent to " + in.replace("outside/", ""));
            case CALLBACK -> "to be called back by " + in;
            case PAGED -> "paged over " + in;
            case DONE -> "done by " + in;
            case BARRED -> "barred from " + in;
            case NO_CHANNEL -> "no free channel for " + in;
            case BUSY -> "busy tone at " + in;
            case HUNG_UP -> "hung up by " + in;
            case UNMATCHED -> ending.in().startsWith("extension/") ? "number unobtainable" : "no route takes it";
            case STOPPED -> "goes round and round, and was followed no further";
            case LOST ->
                "lost in " + in
                        + ending.cause().map(cause -> " (" + cause.word() + ")").orElse("");
        };
    }

    static String title(Plan plan, String object) {
        return Ref.parse(object).map(plan::title).orElse(object);
    }
}
