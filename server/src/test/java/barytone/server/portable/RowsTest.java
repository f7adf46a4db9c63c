package barytone.server.portable;

import static barytone.server.db.gen.Tables.INSTRUMENT_FACTS;
import static barytone.server.db.gen.Tables.JOB_PHOTO;
import static barytone.server.db.gen.Tables.PLAYER;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import barytone.core.quantity.OutOfRangeException;
import barytone.server.db.gen.tables.records.InstrumentFactsRecord;
import barytone.server.db.gen.tables.records.JobPhotoRecord;
import barytone.server.db.gen.tables.records.PlayerRecord;
import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;
import org.jooq.Field;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Rows as they stand in an open file. */
class RowsTest {
    private final PlayerRecord player = new PlayerRecord();

    @BeforeEach
    void somebody() {
        player.setId(7L);
        player.setName("Pier Trio \ud83c\udfb8");
        player.setTouch("heavy");
        player.setCreatedAt(Instant.parse("2031-02-03T09:00:00.123Z"));
        player.setVersion(3L);
        player.setContact("");
        player.setNotes("likes it \"low\"\n");
        player.setUid("abc");
    }

    @Test
    void aRowComesBackAsItLeft() {
        ObjectNode out = Rows.out(player);
        PlayerRecord back = new PlayerRecord();
        Rows.in(out, back);
        assertThat(back.intoMap()).isEqualTo(player.intoMap());
        // what is not there is left out
        assertThat(out.has("archivedAt")).isFalse();
        assertThat(out.get("createdAt").asString()).isEqualTo("2031-02-03T09:00:00.123Z");
    }

    @Test
    void everyLengthCarriesItsUnit() {
        InstrumentFactsRecord facts = new InstrumentFactsRecord();
        facts.setScaleLength(647.7);
        assertThat(Rows.out(facts).at("/scaleLength/mm").asDouble()).isEqualTo(647.7);
        ObjectNode bare = JsonMapper.shared().createObjectNode().put("scaleLength", 647.7);
        InstrumentFactsRecord into = new InstrumentFactsRecord();
        assertThatThrownBy(() -> Rows.in(bare, into, allBut()))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessage("scaleLength: given 647.7; allowed is a length as {\"mm\": 648}.");
    }

    private static Field<?>[] allBut() {
        return Arrays.stream(INSTRUMENT_FACTS.fields())
                .filter(f -> !f.equals(INSTRUMENT_FACTS.SCALE_LENGTH))
                .toArray(Field[]::new);
    }

    @Test
    void columnsThatAreLeftOutStayAsTheyAre() {
        ObjectNode out = Rows.out(player, PLAYER.ID, PLAYER.NAME);
        assertThat(out.has("id")).isFalse();
        PlayerRecord back = new PlayerRecord();
        back.setId(9L);
        back.setName("here");
        Rows.in(out, back, PLAYER.ID, PLAYER.NAME);
        assertThat(back.getId()).isEqualTo(9);
        assertThat(back.getName()).isEqualTo("here");
        assertThat(back.getTouch()).isEqualTo("heavy");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "name | 7 | name: given 7; allowed is a text.",
                "version | \"3\" | version: given \"3\"; allowed is a whole number.",
                "version | 3.5 | version: given 3.5; allowed is a whole number.",
                "createdAt | \"yesterday\" | createdAt: given “yesterday”; allowed is a moment such as 2031-02-03T09:00:00Z.",
                "createdAt | 5 | createdAt: given 5; allowed is a moment.",
                "archivedAt | true | archivedAt: given true; allowed is a moment.",
                "notes | null | notes: given null; allowed is a text.",
            })
    void whatIsOfAnotherKindIsNamedWithWhatIsAllowed(String field, String given, String said) {
        ObjectNode out = Rows.out(player);
        out.set(field, JsonMapper.shared().readTree(given));
        assertThatThrownBy(() -> Rows.in(out, new PlayerRecord()))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessage(said);
    }

    @Test
    void whatIsMissingIsNamedButWhatMayBe() {
        ObjectNode out = Rows.out(player);
        out.remove("contact");
        assertThatThrownBy(() -> Rows.in(out, new PlayerRecord()))
                .hasMessage("contact: given nothing; allowed is a text.");
        JobPhotoRecord photo = new JobPhotoRecord();
        photo.setIsRemoved(true);
        assertThat(Rows.out(photo).get("isRemoved").asBoolean()).isTrue();
        assertThat(JOB_PHOTO.MARK.getDataType().nullable()).isTrue();
    }

    @Test
    void whatIsReferredToMustHaveComeBefore() {
        Known known = new Known(name -> Optional.empty());
        known.is(Known.What.PLAYER, "abc", 4);
        assertThat(known.id(Known.What.PLAYER, "abc")).isEqualTo(4);
        assertThatThrownBy(() -> known.id(Known.What.INSTRUMENT, "abc"))
                .hasMessage("instrument: given “abc”; allowed is one that stands in the file and was taken.");
    }
}
