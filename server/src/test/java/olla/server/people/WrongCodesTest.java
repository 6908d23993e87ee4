package olla.server.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.Set;
import olla.server.web.TooMany;
import org.junit.jupiter.api.Test;

class WrongCodesTest {

    @Test
    void anAddressIsWrongTenTimes() {
        WrongCodes wrong = new WrongCodes();
        for (int i = 0; i < 10; i++) {
            wrong.check("192.0.2.7");
            wrong.count("192.0.2.7");
        }
        assertThatThrownBy(() -> wrong.check("192.0.2.7")).isInstanceOf(TooMany.class);
        wrong.check("192.0.2.8");
    }

    @Test
    void codesAndKeysAreNeverTheSame() {
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < 1000; i++) {
            assertThat(seen.add(Secrets.code())).isTrue();
            assertThat(seen.add(Secrets.key())).isTrue();
        }
        assertThat(Secrets.code()).hasSize(8).matches("[A-Z2-9]+").doesNotContain("O", "I", "5");
        assertThat(Secrets.hashOfCode("abcd-efgh")).isEqualTo(Secrets.hashOfCode(" ABCD EFGH"));
    }
}
