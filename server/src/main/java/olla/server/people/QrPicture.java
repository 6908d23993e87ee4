package olla.server.people;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.Map;

/** A text as a QR code (ISO/IEC 18004, by ZXing), drawn as one path. */
final class QrPicture {

    private QrPicture() {}

    static InvitationView.Picture of(String text) {
        try {
            BitMatrix squares =
                    new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 2));
            StringBuilder path = new StringBuilder();
            for (int y = 0; y < squares.getHeight(); y++) {
                for (int x = 0; x < squares.getWidth(); x++) {
                    if (squares.get(x, y)) {
                        path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                    }
                }
            }
            return new InvitationView.Picture(squares.getWidth(), path.toString());
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException(tooLong);
        }
    }
}
