package barytone.server.records;

import io.nayuki.qrcodegen.QrCode;
import java.util.Locale;

/** An address as a square of dots that a telephone reads (ISO/IEC 18004), as SVG. */
final class QrPicture {
    /** White around it, in dots, as the standard asks for. */
    private static final int QUIET = 4;

    private QrPicture() {}

    /** The square for an address. */
    static String of(String address) {
        QrCode code = QrCode.encodeText(address, QrCode.Ecc.MEDIUM);
        int size = code.size + 2 * QUIET;
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < code.size; y++)
            for (int x = 0; x < code.size; x++)
                if (code.getModule(x, y))
                    path.append(String.format(Locale.ROOT, "M%d %dh1v1h-1z", x + QUIET, y + QUIET));
        return String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d %d\" width=\"92\" height=\"92\"><path d=\"%s\" fill=\"#000000\"/></svg>",
                size,
                size,
                path);
    }
}
