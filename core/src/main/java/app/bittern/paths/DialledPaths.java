package app.bittern.paths;

import app.bittern.call.Bench;
import app.bittern.callset.CallClasses;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.util.List;
import java.util.Optional;

/// The paths of calls in which a phone of the site dials something, such as `extension/2014` and `02079460000`.
///
/// The first step of each path is the phone that dials.
public final class DialledPaths extends CallPaths {
    private final Ref phone;
    private final String digits;

    DialledPaths(Paths paths, PathGraph graph, Ref phone, String digits, List<Start> starts) {
        super(paths, graph, starts, paths.classes().none());
        this.phone = phone;
        this.digits = digits;
    }

    /// What it dials.
    public String digits() {
        return digits;
    }

    @Override
    public Ref subject() {
        return phone;
    }

    @Override
    List<Route> routes() {
        return starts().stream()
                .flatMap(start -> start.route().stream())
                .distinct()
                .toList();
    }

    @Override
    Bench begin(CallClasses.Call call) {
        return Bench.dialled(phone, digits, call.at()).turned(call.switches());
    }

    /// What leads nowhere is a path of its own, so none is left.
    @Override
    public Optional<Bench> unmatchedCall() {
        return Optional.empty();
    }
}
