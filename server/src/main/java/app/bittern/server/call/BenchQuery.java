package app.bittern.server.call;

import app.bittern.call.Bench;
import app.bittern.plan.Plan;
import app.bittern.plan.Problem;
import app.bittern.proof.BenchText;
import app.bittern.server.Refusal;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/// The bench as an address carries it, but for the number called.
public record BenchQuery(
        @Nullable String from,
        @Nullable String at,
        @Nullable String keys,
        @Nullable List<String> phone,
        @Nullable List<String> turned,
        @Nullable List<String> agent,
        @Nullable List<String> waiting) {
    BenchText text(String to) {
        return new BenchText(
                to,
                Optional.empty(),
                from == null ? "withheld" : from,
                at == null ? "" : at,
                keys == null ? "" : keys,
                given(phone),
                given(turned),
                given(agent),
                given(waiting));
    }

    private static List<String> given(@Nullable List<String> values) {
        return values == null ? List.of() : values;
    }

    /// The bench for a call to a number.
    ///
    /// @throws Refusal where something in it cannot be
    Bench bench(Plan plan, String to) {
        return switch (text(to).read(plan)) {
            case BenchText.Result.Read(Bench bench) -> bench;
            case BenchText.Result.Refused(List<Problem> problems) ->
                throw new Refusal(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        problems.stream().map(Problem::says).toList());
        };
    }
}
