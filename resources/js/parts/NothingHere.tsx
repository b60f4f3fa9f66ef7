import { Link } from 'react-router';
import { EmptyPlace } from './States';
import { useTitle } from './useTitle';

/** An address that leads nowhere, or to something that is gone: what may be, and where to go on. */
export function NothingHere({ what }: { what?: string }) {
    useTitle('There is nothing here');
    return (
        <EmptyPlace
            isPage
            title={what ? `${what} is not here` : 'There is nothing here'}
            action={
                <Link to="/" className="button button-main">
                    To your classes
                </Link>
            }
        >
            It may have been removed, or the address is an old one. Nothing of yours is lost by coming here.
        </EmptyPlace>
    );
}
