import { router } from '@inertiajs/react';
import { useRef, useState } from 'react';
import { clockOf, DAY, GRAIN } from '@/charts/axis';
import { post } from '@/lib/http';
import type { ScoreData, ScoreMoment } from '@/types/generated';
import { Rehearsed } from './rehearsed';

/** A moment that a hand has taken to another time. */
export interface Slide {
  readonly moment: ScoreMoment;
  /** Where it is now, minutes since six in the morning. */
  readonly to: number;
  /** Whether it has been let go there. */
  readonly isDown: boolean;
  /** The night with it there, or near there while that is not known yet. */
  readonly score: ScoreData | null;
  /** Why there is none; empty for no fault. */
  readonly fault: string;
}

export interface Sliding {
  readonly slide: Slide | null;
  /** Looks ahead for a moment that a hand has taken hold of. */
  readonly take: (moment: ScoreMoment) => void;
  /** Takes a moment to a time, which is rounded to what a hand sets. */
  readonly move: (moment: ScoreMoment, to: number) => void;
  /** Lets it go where it is. */
  readonly drop: () => void;
  readonly keep: () => void;
  readonly discard: () => void;
}

/** Moments that are moved in time by hand, with the night solved anew while they move. @param path of the night @param planned its score */
export function useSlide(path: string, planned: ScoreData): Sliding {
  const [slide, setSlide] = useState<Slide | null>(null);
  const rehearsed = useRef<{ readonly of: number; readonly scores: Rehearsed } | null>(null);
  const ask = async (moment: ScoreMoment, minutes: readonly number[]) => {
    const answer = await post<readonly ScoreData[]>(`${path}/slide`, { moment: moment.id, starts: minutes.map(clockOf) });
    if (answer.kind === 'answered') return answer.value;
    const fault = answer.kind === 'refused' ? (Object.values(answer.faults)[0] ?? '') : answer.sentence;
    setSlide((now) => (now?.moment.id === moment.id ? { ...now, fault } : now));
    return null;
  };
  const scoresOf = (moment: ScoreMoment): Rehearsed => {
    if (rehearsed.current?.of === moment.id) return rehearsed.current.scores;
    const scores = new Rehearsed(
      (minutes) => ask(moment, minutes),
      () => { setSlide((now) => (now?.moment.id === moment.id && !now.isDown ? { ...now, score: scores.at(now.to) ?? now.score } : now)); },
      moment.from,
      planned,
    );
    rehearsed.current = { of: moment.id, scores };
    return scores;
  };
  const discard = () => {
    rehearsed.current = null;
    setSlide(null);
  };
  return {
    slide,
    take: (moment) => { scoresOf(moment).want(slide?.moment.id === moment.id ? slide.to : moment.from); },
    move: (moment, minute) => {
      const to = Math.max(0, Math.min(DAY - GRAIN, Math.round(minute / GRAIN) * GRAIN));
      const scores = scoresOf(moment);
      scores.want(to);
      // Where the score is the one of another place, its moment is there already: it came from where it was first.
      setSlide((now) => ({
        moment: now?.moment.id === moment.id ? now.moment : moment,
        to,
        isDown: false,
        score: scores.at(to) ?? (now?.moment.id === moment.id ? now.score : null),
        fault: '',
      }));
    },
    drop: () => {
      if (slide === null) return;
      const { moment, to } = slide;
      setSlide((now) => (now === null ? now : { ...now, isDown: true }));
      // Asked for alone it is solved as the night itself will be.
      void ask(moment, [to]).then((scores) => {
        setSlide((now) => (now?.isDown === true && now.to === to ? { ...now, score: scores?.[0] ?? now.score } : now));
      });
    },
    keep: () => {
      if (slide === null) return;
      router.put(`/moments/${slide.moment.id}/time`, { starts: clockOf(slide.to) }, { preserveScroll: true, onSuccess: discard });
    },
    discard,
  };
}
