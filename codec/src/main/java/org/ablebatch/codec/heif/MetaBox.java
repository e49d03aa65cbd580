package org.ablebatch.codec.heif;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/** Takes the meta box apart: items, their properties, and what points at what. */
final class MetaBox {
  private static final int USUAL_BITS = 8;
  private static final int HIDDEN = 1;

  /** Thumbnails and masks point at the picture that they belong to. */
  private static final Set<String> POINTING_HELPERS = Set.of("thmb", "auxl");

  private static final Set<String> CODED_OR_PUT_TOGETHER =
      Set.of("hvc1", "av01", "avc1", "jpeg", "j2k1", "unci", "grid", "iden", "iovl");

  private final List<Box> boxes;
  private final List<Box> properties = new ArrayList<>();
  private final Map<Long, List<Integer>> numbersOfProperties = new HashMap<>();
  private final TreeSet<Long> shown = new TreeSet<>();

  MetaBox(List<Box> boxes) {
    this.boxes = boxes;
  }

  /**
   * @return empty when it names no main picture or no size
   * @throws java.nio.BufferUnderflowException when a box ends too early
   */
  Optional<HeifFacts> facts(boolean moving) {
    Box.first(boxes, "iprp").ifPresent(this::readProperties);
    Box.first(boxes, "iinf").ifPresent(this::readItems);
    Box.first(boxes, "iref").ifPresent(this::leaveOutHelpers);
    Optional<Long> main =
        Box.first(boxes, "pitm").map(pitm -> pitm.number(pitm.fullHeader().version() == 0 ? 2 : 4));
    List<Box> sizes = named(properties, "ispe");
    if (main.isEmpty() || sizes.isEmpty()) {
      return Optional.empty();
    }
    List<Box> ofMain = propertiesOf(main.get());
    return Optional.of(
        new HeifFacts(
            sizes.stream().mapToInt(size -> side(size, 4)).max().orElseThrow(),
            sizes.stream().mapToInt(size -> side(size, 8)).max().orElseThrow(),
            bits(ofMain),
            nclx(ofMain),
            !named(ofMain, "irot").isEmpty() || !named(ofMain, "imir").isEmpty(),
            Math.max(1, shown.size()),
            shown.headSet(main.get()).size(),
            moving));
  }

  private static int side(Box ispe, int at) {
    int unsigned = ispe.content().getInt(at);
    return unsigned < 0 ? Integer.MAX_VALUE : unsigned;
  }

  private void readProperties(Box iprp) {
    for (Box box : iprp.children()) {
      if (box.type().equals("ipco")) {
        properties.addAll(box.children());
      } else if (box.type().equals("ipma")) {
        readAssociations(box);
      }
    }
  }

  private void readAssociations(Box ipma) {
    Box.FullHeader header = ipma.fullHeader();
    boolean wide = (header.flags() & 1) != 0;
    long items = ipma.number(4);
    for (long i = 0; i < items; i++) {
      long item = ipma.number(header.version() == 0 ? 2 : 4);
      long count = ipma.number(1);
      List<Integer> numbers = numbersOfProperties.computeIfAbsent(item, id -> new ArrayList<>());
      for (long k = 0; k < count; k++) {
        // The highest bit says whether a reader must know the property.
        numbers.add((int) (ipma.number(wide ? 2 : 1) & (wide ? 0x7FFF : 0x7F)));
      }
    }
  }

  private void readItems(Box iinf) {
    iinf.number(iinf.fullHeader().version() == 0 ? 2 : 4);
    for (Box infe : iinf.children()) {
      Box.FullHeader header = infe.fullHeader();
      if (header.version() < 2) {
        continue;
      }
      long id = infe.number(header.version() == 2 ? 2 : 4);
      infe.number(2);
      boolean visible = (header.flags() & HIDDEN) == 0;
      if (visible && CODED_OR_PUT_TOGETHER.contains(letters(infe.content()))) {
        shown.add(id);
      }
    }
  }

  private void leaveOutHelpers(Box iref) {
    int width = iref.fullHeader().version() == 0 ? 2 : 4;
    Set<Long> helpers = new HashSet<>();
    for (Box reference : iref.children()) {
      if (POINTING_HELPERS.contains(reference.type())) {
        helpers.add(reference.number(width));
      }
    }
    shown.removeAll(helpers);
  }

  private List<Box> propertiesOf(long item) {
    return numbersOfProperties.getOrDefault(item, List.of()).stream()
        .filter(number -> number >= 1 && number <= properties.size())
        .map(number -> properties.get(number - 1))
        .toList();
  }

  private static int bits(List<Box> ofMain) {
    Optional<Box> pixi = Box.first(ofMain, "pixi");
    return pixi.isPresent() && pixi.get().content().get(4) > 0
        ? pixi.get().content().get(5) & 0xFF
        : USUAL_BITS;
  }

  private static Nclx nclx(List<Box> ofMain) {
    List<ByteBuffer> colours =
        named(ofMain, "colr").stream().map(colr -> colr.content().duplicate()).toList();
    Nclx found = Nclx.SRGB;
    for (ByteBuffer colour : colours) {
      String kind = letters(colour);
      if (kind.equals("prof") || kind.equals("rICC")) {
        return Nclx.SRGB;
      }
      if (kind.equals("nclx")) {
        found = new Nclx(colour.getShort() & 0xFFFF, colour.getShort() & 0xFFFF);
      }
    }
    return found;
  }

  private static List<Box> named(List<Box> boxes, String type) {
    return boxes.stream().filter(box -> box.type().equals(type)).toList();
  }

  private static String letters(ByteBuffer content) {
    byte[] letters = new byte[4];
    content.get(letters);
    return new String(letters, StandardCharsets.ISO_8859_1);
  }
}
