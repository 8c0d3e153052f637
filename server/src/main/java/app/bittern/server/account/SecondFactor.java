package app.bittern.server.account;

import app.bittern.server.Digest;
import app.bittern.server.Refusal;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.OptionalLong;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/// The second factor of accounts: a secret that a phone holds too, and codes on paper for when the phone is lost.
@Service
class SecondFactor {
    private static final int CODES = 10;
    private static final int CODE_BYTES = 10;
    static final String WRONG = "The code is not right, or was used already. Each is good for half a minute.";

    private final AccountRows rows;
    private final RecoveryCodeRows codes;
    private final Clock clock;

    SecondFactor(AccountRows rows, RecoveryCodeRows codes, Clock clock) {
        this.rows = rows;
        this.codes = codes;
        this.clock = clock;
    }

    private AccountRow row(String account) {
        return rows.findByName(account).orElseThrow(Asking::nobody);
    }

    @Transactional(readOnly = true)
    public boolean isOn(String account) {
        return rows.findByName(account).flatMap(AccountRow::factor).isPresent();
    }

    /// Whether a code is right: one of the phone, or one of paper. Each is good once.
    @Transactional
    public boolean takes(String account, String code) {
        String plain = code.replace(" ", "").replace("-", "").toLowerCase(Locale.ROOT);
        OptionalLong step = row(account)
                .factor()
                .map(secret -> Totp.stepOf(secret, plain, clock.instant()))
                .orElseGet(OptionalLong::empty);
        return step.isPresent()
                ? rows.take(account, step.getAsLong()) == 1
                : codes.take(Digest.of(account + " " + plain), account) == 1;
    }

    /// Begins to switch it on.
    ///
    /// @return the secret, as it is typed into a phone
    @Transactional
    public String want(String account) {
        byte[] secret = Secrets.bytes(Totp.SECRET);
        row(account).wantFactor(secret);
        return Totp.written(secret);
    }

    /// Switches on what was begun, where the code shows that the phone has it.
    ///
    /// @return the codes for paper, which are not shown again
    @Transactional
    public List<String> confirm(String account, String code) {
        AccountRow row = row(account);
        byte[] secret = row.factorWanted()
                .orElseThrow(() -> Refusal.unusable("There is nothing to confirm: begin to switch it on first."));
        OptionalLong step = Totp.stepOf(secret, code.replace(" ", ""), clock.instant());
        if (step.isEmpty()) {
            throw Refusal.unusable(WRONG);
        }
        row.useFactor();
        rows.flush();
        rows.take(account, step.getAsLong());
        return freshCodes(account);
    }

    private List<String> freshCodes(String account) {
        codes.forget(account);
        List<String> fresh = Stream.generate(
                        () -> Totp.written(Secrets.bytes(CODE_BYTES)).toLowerCase(Locale.ROOT))
                .limit(CODES)
                .toList();
        fresh.forEach(code -> codes.save(new RecoveryCodeRow(Digest.of(account + " " + code), account)));
        return fresh.stream().map(code -> code.replaceAll("(.{4})(?=.)", "$1-")).toList();
    }

    /// Switches it off, where the code is right.
    ///
    /// @return whether it was
    @Transactional
    public boolean off(String account, String code) {
        boolean right = takes(account, code);
        if (right) {
            row(account).dropFactor();
            codes.forget(account);
        }
        return right;
    }

    @Transactional(readOnly = true)
    public int codesLeft(String account) {
        return codes.countByAccount(account);
    }
}
