package app.bittern.call;

import app.bittern.plan.Extension;

/// What an extension's phones do on a bench, its own settings taken into account.
final class Phones {
    private Phones() {}

    static PhoneState state(Extension extension, Bench bench) {
        PhoneState said = bench.phone(extension.dialled());
        if (extension.doNotDisturb()) {
            return new PhoneState.Busy();
        }
        if (extension.phones().isEmpty()) {
            return new PhoneState.Off();
        }
        return said instanceof PhoneState.Busy && extension.callWaiting() ? new PhoneState.Silent() : said;
    }
}
