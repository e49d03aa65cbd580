package org.ablebatch.core.mend;

/** One thing that a person did to a cutout. Data only; {@link Mender} carries it out. */
public sealed interface Edit
    permits BrushEdit,
        StrandEdit,
        PickEdit,
        AreaEdit,
        SettleEdit,
        HintEdit,
        TraceEdit,
        EdgeEdit,
        TakeEdit,
        SubjectEdit,
        LimitedEdit {}
