package org.ablebatch.core.look;

/**
 * What a part of a look does. Lengths are percent of the frame's shorter side unless a component
 * says otherwise, so that one look serves frames of every size.
 */
public sealed interface Setting
    permits Backdrop,
        CastShadow,
        ContactShadow,
        DropShadow,
        OwnShadow,
        Reflection,
        SubjectPlace,
        Outline,
        Tone,
        Lettering,
        Mark,
        Mask {}
