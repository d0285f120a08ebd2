package brightlintel.write.ifc;

import java.math.BigInteger;
import java.nio.ByteBuffer;
import java.util.UUID;

/** 128 bits as 22 characters, by the rule of the standard. */
final class GlobalId {
    private static final String DIGITS = "0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz_$";

    private GlobalId() { }

    static String of(UUID id) {
        BigInteger v = new BigInteger(1, ByteBuffer.allocate(16).putLong(id.getMostSignificantBits()).putLong(id.getLeastSignificantBits())
            .array());
        char[] out = new char[22];
        for (int i = 21; i >= 0; i--) {
            out[i] = DIGITS.charAt(v.intValue() & 63);
            v = v.shiftRight(6);
        }
        return new String(out);
    }
}
