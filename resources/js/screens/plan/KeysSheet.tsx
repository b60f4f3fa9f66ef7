import { KeyList } from '../../parts/KeyList';
import { planKeys } from '../../parts/keys';
import { settings } from '../../parts/settings';
import { Sheet } from '../../parts/Sheet';

export function KeysSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
    return (
        <Sheet title="Keys for this screen" open={open} onClose={onClose}>
            <p className="mb-3">
                {settings().keys
                    ? 'Single letters and signs work while a movement of the class has the focus.'
                    : 'Single letters are switched off on this device; Help switches them on again.'}
            </p>
            <KeyList keys={planKeys} />
        </Sheet>
    );
}
