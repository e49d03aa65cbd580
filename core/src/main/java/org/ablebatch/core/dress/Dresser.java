package org.ablebatch.core.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ablebatch.core.look.Backdrop;
import org.ablebatch.core.look.CastShadow;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.look.ContactShadow;
import org.ablebatch.core.look.DropShadow;
import org.ablebatch.core.look.Lettering;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.Mark;
import org.ablebatch.core.look.Mask;
import org.ablebatch.core.look.Outline;
import org.ablebatch.core.look.OwnShadow;
import org.ablebatch.core.look.Part;
import org.ablebatch.core.look.Reflection;
import org.ablebatch.core.look.Setting;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.look.Tone;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;

/**
 * Dresses a cutout with a look in a frame of exact size. Everything is laid over each other row by
 * row in premultiplied linear light, so that edges neither darken nor glow and memory is the result
 * and a few rows. The same look, picture and frame always give the same pixels.
 */
public final class Dresser {
  private static final int TONES_KEPT = 16;

  private final Supplies supplies;

  /** Tables cost some milliseconds each, and a look lays the same over picture after picture. */
  private final Recent<ToneKey, ToneTable> tones =
      new Recent<>(TONES_KEPT, key -> new ToneTable(key.tone(), key.own()));

  private record ToneKey(Tone tone, ToneStatistics own) {}

  public Dresser(Supplies supplies) {
    this.supplies = supplies;
  }

  /** Where the subject stands under a look. */
  public static Standing standing(Dressable dressable, Look look, Frame frame) {
    return standing(dressable, look, frame, Placing.BY_LOOK);
  }

  private static Standing standing(Dressable dressable, Look look, Frame frame, Placing placing) {
    SubjectPlace place = place(dressable, look, frame, placing);
    return standing(Arranged.by(dressable, place), place, frame, placing);
  }

  /** A frame that says where the subject goes leaves of the look's place only left and right. */
  private static SubjectPlace place(Dressable dressable, Look look, Frame frame, Placing placing) {
    return placing instanceof Placing.ByLook
        ? MeasuredPlace.of(look.subject(), dressable.labels(), frame)
        : look.subject().asPhotographed();
  }

  /** The subject's coverage over the frame, as shadows and checks see it. */
  static SubjectMask mask(Dressable dressable, Look look, Frame frame) {
    SubjectPlace place = MeasuredPlace.of(look.subject(), dressable.labels(), frame);
    Dressable arranged = Arranged.by(dressable, place);
    return SubjectMask.of(
        arranged.cutout(), standing(arranged, place, frame, Placing.BY_LOOK), frame);
  }

  private static Standing standing(
      Dressable arranged, SubjectPlace place, Frame frame, Placing placing) {
    Placement given = placing.placement(arranged.content(), arranged.cutout().bounds(), frame);
    if (given != null) {
      return Standing.at(given, arranged.content());
    }
    Standing.CutSides cut =
        Standing.CutSides.kept(place, arranged.content(), arranged.cutout().bounds());
    return Standing.of(arranged.content(), cut, place, frame);
  }

  /** Exactly as large as the frame; opaque when the backdrop is and nothing cuts a shape out. */
  public Picture dress(Dressable dressable, Look look, Frame frame) {
    return dress(dressable, look, frame, Placing.BY_LOOK, false);
  }

  /** As {@link #dress}; a subject that has to be enlarged is made crisp before it is laid down. */
  public Picture dressSharpened(Dressable dressable, Look look, Frame frame) {
    return dress(dressable, look, frame, Placing.BY_LOOK, true);
  }

  /**
   * @param placing who decides where the subject goes
   * @param sharpen a subject that has to be enlarged is made crisp before it is laid down
   */
  public Picture dress(
      Dressable dressable, Look look, Frame frame, Placing placing, boolean sharpen) {
    return DisplayRows.of(layers(dressable, look, frame, placing, sharpen), frame);
  }

  /** The same with 16 bits a channel: soft backdrops and shadows keep their steps. */
  public DeepDressed dressDeep(
      Dressable dressable, Look look, Frame frame, Placing placing, boolean sharpen) {
    return DisplayRows.deep(layers(dressable, look, frame, placing, sharpen), frame);
  }

  /**
   * The look's parts each for itself, back to front; what a frame cuts away is cut away of each.
   *
   * @return only parts that show something
   */
  public List<LayerPicture> layered(
      Dressable dressable, Look look, Frame frame, Placing placing, boolean sharpen) {
    Scenery scenery = scenery(dressable, look, frame, placing, sharpen);
    List<Part> parts = withSubject(look).parts().stream().filter(Part::on).toList();
    List<LayerPicture> pictures = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      List<Layer> layers = new ArrayList<>();
      add(layers, parts.get(i).setting(), scenery);
      for (Part later : parts.subList(i + 1, parts.size())) {
        if (later.setting() instanceof Mask mask) {
          layers.add(new MaskLayer(mask, frame));
        }
      }
      Picture picture = DisplayRows.of(layers, frame);
      if (LayerPicture.shows(picture)) {
        pictures.add(new LayerPicture(parts.get(i).name(), picture));
      }
    }
    return pictures;
  }

  private List<Layer> layers(
      Dressable dressable, Look look, Frame frame, Placing placing, boolean sharpen) {
    Scenery scenery = scenery(dressable, look, frame, placing, sharpen);
    List<Layer> layers = new ArrayList<>();
    for (Setting setting : withSubject(look).all(Setting.class).toList()) {
      add(layers, setting, scenery);
    }
    return layers;
  }

  /** Without a part that says where it stands, the subject is in front of everything. */
  private static Look withSubject(Look look) {
    return look.all(SubjectPlace.class).findAny().isPresent()
        ? look
        : look.withPlace(look.subject());
  }

  private Scenery scenery(
      Dressable dressable, Look look, Frame frame, Placing placing, boolean sharpen) {
    double scale = sharpen ? standing(dressable, look, frame, placing).placement().scale() : 1;
    if (scale <= 1) {
      return scenery(dressable, look, frame, placing);
    }
    Placing crisp =
        placing instanceof Placing.Centred centred
            ? new Placing.Centred(centred.scale() / scale)
            : placing;
    return scenery(Resampling.enlarged(dressable, scale), look, frame, crisp);
  }

  private Scenery scenery(Dressable dressable, Look look, Frame frame, Placing placing) {
    SubjectPlace place = place(dressable, look, frame, placing);
    Dressable arranged = Arranged.by(dressable, place);
    return new Scenery(
        arranged, standing(arranged, place, frame, placing), frame, tone(dressable, look));
  }

  private ToneTable tone(Dressable dressable, Look look) {
    return look.tone()
        .map(
            tone -> tones.get(new ToneKey(tone, tone.dependsOnPicture() ? dressable.tone() : null)))
        .orElse(null);
  }

  /** The tone is the subject's own and lies in its layer. */
  private void add(List<Layer> layers, Setting setting, Scenery s) {
    if (setting instanceof Backdrop backdrop) {
      Layer layer = FillLayers.of(backdrop.fill(), s, supplies);
      if (layer != null) {
        layers.add(layer);
      }
    } else if (setting instanceof SubjectPlace) {
      layers.add(new SubjectLayer(s.subjectRows(), s.tone()));
    } else if (setting instanceof Reflection reflection) {
      layers.add(new ReflectionLayer(s, reflection));
    } else if (setting instanceof Outline outline) {
      layers.add(new OutlineLayer(s, outline));
    } else if (setting instanceof Lettering lettering) {
      SetText text = set(supplies.letters(), lettering, s.dressable().labels(), s.frame());
      if (!text.isEmpty()) {
        layers.add(new LetterLayer(text, lettering, s.frame()));
      }
    } else if (setting instanceof Mark mark) {
      supplies
          .picture(mark.picture())
          .ifPresent(picture -> layers.add(MarkLayers.of(mark, picture, s.frame())));
    } else if (setting instanceof Mask mask) {
      layers.add(new MaskLayer(mask, s.frame()));
    } else {
      addShadow(layers, setting, s);
    }
  }

  private static void addShadow(List<Layer> layers, Setting setting, Scenery s) {
    if (setting instanceof CastShadow cast) {
      layers.add(shadow(CastShadows.of(s.mask(), cast), cast.colour(), cast.strength(), s));
    } else if (setting instanceof ContactShadow c) {
      layers.add(shadow(ContactShadows.of(s.mask(), c), c.colour(), c.strength(), s));
    } else if (setting instanceof DropShadow drop) {
      layers.add(shadow(DropShadows.of(s.mask(), drop), drop.colour(), drop.strength(), s));
    } else if (setting instanceof OwnShadow own) {
      addOwn(layers, own, s);
    }
  }

  private static Layer shadow(Plane shade, Colour colour, double strength, Scenery s) {
    return new ShadowLayer(shade, colour, strength, s.frame());
  }

  private static void addOwn(List<Layer> layers, OwnShadow own, Scenery s) {
    Optional<OwnShade> shade = s.dressable().ownShade();
    if (shade.isPresent()) {
      layers.add(
          new OwnShadowLayer(
              shade.get(),
              s.standing().placement(),
              s.dressable().photograph().width(),
              own.strength()));
    } else if (own.elseMade()) {
      addShadow(layers, CastShadow.DEFAULT, s);
      addShadow(layers, ContactShadow.DEFAULT, s);
    }
  }

  static SetText set(LetterSetter letters, Lettering lettering, Labels labels, Frame frame) {
    String text = labels.text(lettering.words());
    if (text.isBlank()) {
      return SetText.NOTHING;
    }
    LetterSetter.Room room =
        new LetterSetter.Room(
            lettering.box().width() / 100 * frame.width(),
            lettering.box().height() / 100 * frame.height(),
            frame.px(lettering.size()),
            frame.px(lettering.least()));
    return letters.set(text, lettering, room);
  }
}
