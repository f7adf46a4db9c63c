package barytone.server.records;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.apache.fontbox.FontBoxFont;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.font.CIDFontMapping;
import org.apache.pdfbox.pdmodel.font.FontMapper;
import org.apache.pdfbox.pdmodel.font.FontMapping;
import org.apache.pdfbox.pdmodel.font.PDCIDSystemInfo;
import org.apache.pdfbox.pdmodel.font.PDFontDescriptor;
import org.jspecify.annotations.Nullable;

/**
 * Answers the PDF library with the bundled letters whatever it asks for. By itself it would look through the fonts of the machine, keep a list of them in the home
 * folder, and set a card otherwise on another machine.
 */
final class OwnLetters implements FontMapper {
    private final TrueTypeFont letters;

    OwnLetters(InputStream file) {
        try (file) {
            letters = new TTFParser().parse(new RandomAccessReadBuffer(file));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public FontMapping<TrueTypeFont> getTrueTypeFont(String font, @Nullable PDFontDescriptor description) {
        return new FontMapping<>(letters, true);
    }

    @Override
    public FontMapping<FontBoxFont> getFontBoxFont(String font, @Nullable PDFontDescriptor description) {
        return new FontMapping<>(letters, true);
    }

    @Override
    public CIDFontMapping getCIDFont(
            String font, @Nullable PDFontDescriptor description, @Nullable PDCIDSystemInfo characters) {
        return new CIDFontMapping(null, letters, true);
    }
}
