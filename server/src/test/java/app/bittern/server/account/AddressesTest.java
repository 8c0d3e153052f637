package app.bittern.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AddressesTest {
    @ParameterizedTest
    @CsvSource({
        "127.0.0.1, 127.0.0.1",
        "192.0.2.7, 192.0.2.7",
        "2001:db8:0:1:aaaa:bbbb:cccc:dddd, 2001:db8:0:1:0:0:0:0",
        "2001:db8:0:1::7, 2001:db8:0:1:0:0:0:0",
        "fe80::1%eth0, fe80:0:0:0:0:0:0:0",
        "no address, unknown",
    })
    void ofIpv6TheNetworkStandsForAllThatOneMayHave(String address, String network) {
        assertThat(Addresses.network(address)).isEqualTo(network);
    }
}
