// Plays a simulated class of forty-five minutes with an uneven heartbeat, and prints how far it strays from the clock.
import { readFileSync } from 'node:fs';

const { Player } = await import(process.argv[2]);
const { beats } = JSON.parse(readFileSync(process.argv[3], 'utf8'));

let now = 1_000_000;
let seed = 7;
const uneven = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
const player = new Player(beats, 1, () => now, null);
player.go();
const start = now;
let worst = 0;
let paused = 0;
while (now - start - paused < 45 * 60 * 1000 && !player.finished) {
    // A timer of 100 ms that is late by up to 80 ms, and keeps its state once a second.
    now += 100 + uneven() * 80;
    if (uneven() < 0.1) {
        player.state();
    }
    if (uneven() < 0.002) {
        player.pause();
        const pause = uneven() * 20_000;
        now += pause;
        paused += pause;
        player.go();
    }
    if (player.finished) {
        // The last step goes past the end, where the position stays.
        break;
    }
    worst = Math.max(worst, Math.abs(player.position() * 1000 - (now - start - paused)));
}
const minutes = ((now - start - paused) / 60_000).toFixed(1);
console.log(`${`drift of Lead over ${minutes} simulated minutes`.padEnd(58)} ${worst.toFixed(3).padStart(8)} ms    aim: under 50   ${worst < 50 ? 'reached' : 'MISSED'}`);
