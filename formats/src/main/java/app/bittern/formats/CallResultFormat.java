package app.bittern.formats;

import app.bittern.plan.CallResult;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import java.util.Optional;

/// Call results.
final class CallResultFormat implements KindFormat<CallResult> {
    @Override
    public Optional<CallResult> read(String key, Reading fields) {
        return Optional.of(
                new CallResult(key, fields.text("name"), fields.text("note"), fields.keys("queues", Kind.QUEUE)));
    }

    @Override
    public Writing write(CallResult result) {
        return new Writing()
                .text("name", result.name())
                .text("note", result.note())
                .texts("queues", result.queues().stream().map(Ref::key).toList());
    }
}
