package barytone.server.records;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LikenessTest {
    @ParameterizedTest
    @CsvSource({
        "eider, Flat-top “Eider”",
        "eidr, Flat-top “Eider”",
        "flat eid, Flat-top “Eider”",
        "cormrant, Long-scale baritone “Cormorant”",
        "ormor, Long-scale baritone “Cormorant”",
        "strom, Möller Ström",
        "STRÖM, moller strom",
        "orsted, Ørsted",
        "no 12, 'Island school, loan no. 12'",
    })
    void partsSlipsAndAccentsAreForgiven(String typed, String name) {
        assertThat(Likeness.to(typed).of(name)).isPositive();
    }

    @ParameterizedTest
    @CsvSource({
        "cat, Cot",
        "no 13, 'Island school, loan no. 12'",
        "bittern cormorant, Five-string bass “Bittern”",
        "gannet, Flat-top “Eider”",
    })
    void whatIsAnotherNameIsNone(String typed, String name) {
        assertThat(Likeness.to(typed).of(name)).isZero();
    }

    @ParameterizedTest
    @CsvSource({
        "eider, Eider, Eiderdown",
        "down, Eiderdown, Eiderdonn",
        "plover, Golden plover, Golden plovar",
    })
    void theBetterFitComesFirst(String typed, String better, String worse) {
        assertThat(Likeness.to(typed).of(better))
                .isGreaterThan(Likeness.to(typed).of(worse));
    }

    @ParameterizedTest
    @CsvSource({"'', Anything", "'  ', Anything"})
    void nothingTypedFitsEverything(String typed, String name) {
        assertThat(Likeness.to(typed).of(name)).isPositive();
    }
}
