package truekeen.app.print;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Codes that open an address when a phone looks at them. */
public final class QrCode {
    private QrCode() {}

    /** The dark squares of an address's code, row by row from the top. */
    public static List<List<Boolean>> of(String address) {
        try {
            BitMatrix squares =
                    new QRCodeWriter().encode(address, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 0));
            List<List<Boolean>> rows = new ArrayList<>();
            for (int y = 0; y < squares.getHeight(); y++) {
                List<Boolean> row = new ArrayList<>();
                for (int x = 0; x < squares.getWidth(); x++) {
                    row.add(squares.get(x, y));
                }
                rows.add(row);
            }
            return rows;
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException("no code holds " + address, tooLong);
        }
    }
}
