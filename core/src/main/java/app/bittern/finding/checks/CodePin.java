package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Code;
import app.bittern.plan.Pointer;
import java.util.stream.Stream;

/// A code that sets off an alarm and asks for no PIN.
final class CodePin extends PerObject<Code> {
    private static final About ABOUT = new About(
            "code-pin",
            "Code without PIN",
            Severity.WARNING,
            "A code that sets off an alarm and asks for no PIN.",
            "Anybody who dials it by mistake sets off the alarm. Ask for a PIN.");

    CodePin() {
        super(ABOUT, Code.class);
    }

    @Override
    Stream<Finding> look(Code code, Examination examination) {
        return code.enabled()
                        && code.pin().isEmpty()
                        && code.does()
                                .filter(does -> does instanceof Code.Does.SetOff)
                                .isPresent()
                ? Stream.of(ABOUT.at(
                        code.ref(), Pointer.of("pin"), Says.the(code) + " sets off an alarm and asks for no PIN."))
                : Stream.empty();
    }
}
