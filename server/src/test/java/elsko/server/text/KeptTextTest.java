package elsko.server.text;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.Units;
import elsko.server.columns.TextColumn;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

class KeptTextTest {
  private static final Text TEXT =
      Text.of(
          "It draws about %s of %s; a hose gives %s, \"%s\".",
          Quantity.litersPerMinute(31.4).withoutUnit(),
          Quantity.liters(2.5).precisely(),
          Quantity.litersPerMinute(12),
          "quoted");

  @Test
  void aSentenceComesBackWithItsQuantities() {
    Text back = KeptText.read(KeptText.write(TEXT));
    assertThat(back).isEqualTo(TEXT);
    assertThat(back.in(Units.US)).isEqualTo(TEXT.in(Units.US)).contains("gal/min");
  }

  @Test
  void wordsAloneAreKeptAsWords() {
    assertThat(KeptText.write(Text.of("Nobody looked."))).isEqualTo("Nobody looked.");
    assertThat(KeptText.read("Nobody looked.")).isEqualTo(Text.of("Nobody looked."));
    assertThat(KeptText.read("")).isEqualTo(Text.NONE);
  }

  @Test
  void wordsThatLookLikePiecesAreNotTakenForThem() {
    for (String words : new String[] {"[", "[ringed] see the note", "[\"a\",{\"b\":1}]"}) {
      assertThat(KeptText.read(KeptText.write(Text.of(words)))).isEqualTo(Text.of(words));
    }
    assertThat(KeptText.read("[kept before there were pieces"))
        .hasToString("[kept before there were pieces");
  }

  @Test
  void inJsonItIsAStringOrItsPieces() {
    JsonMapper json = JsonMapper.builder().addModule(KeptText.module()).build();
    assertThat(json.writeValueAsString(Text.of("Red tag."))).isEqualTo("\"Red tag.\"");
    assertThat(json.readValue("\"Red tag.\"", Text.class)).isEqualTo(Text.of("Red tag."));
    assertThat(json.readValue(json.writeValueAsString(TEXT), Text.class)).isEqualTo(TEXT);
  }

  @Test
  void aColumnThatIsTooShortKeepsWhatItSays() {
    Text kept = TextColumn.within(20, TEXT);
    assertThat(kept).hasToString(TEXT.toString().substring(0, 20));
    assertThat(TextColumn.within(1_000, TEXT)).isSameAs(TEXT);
  }
}
