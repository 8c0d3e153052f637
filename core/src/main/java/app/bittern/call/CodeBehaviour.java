package app.bittern.call;

import app.bittern.plan.Code;
import java.util.List;

/// A code does what it is for, and the call is done.
final class CodeBehaviour implements Behaviour<Code> {
    @Override
    public List<Outcome> outcomes(Code code, Scene scene) {
        return List.of(
                Outcome.of(new Cause.Done(), Window.NOW, onward(code, scene)).by("does"));
    }

    /// One that does nothing, or works on what is missing, is a hole.
    private static Onward onward(Code code, Scene scene) {
        boolean does = code.does()
                .filter(what -> what.target()
                        .map(ref -> scene.plan().find(ref).isPresent())
                        .orElse(true))
                .isPresent();
        return does ? scene.ends(Ending.Kind.DONE, code.ref()) : scene.lost(Ending.Lost.HOLE);
    }

    @Override
    public Decision decide(Code code, Scene scene, BenchInHand bench) {
        return Decision.atOnce(new Cause.Done(), new Account.DidCode(code));
    }
}
