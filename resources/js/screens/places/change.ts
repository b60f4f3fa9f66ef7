import type { PlaceForm } from '../../api/types/place';

export type ChangePlace = (change: (place: PlaceForm) => PlaceForm) => void;
