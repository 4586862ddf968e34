'use client';
import Button from 'react-bootstrap/Button';
import { Logo } from './Logo';

/** A page that only has something to say: not found, not allowed, broken. */
export function MessagePage(props: {
  readonly title: string;
  readonly text: string;
  readonly action: { readonly label: string; readonly href?: string; readonly onClick?: () => void };
}) {
  const { label, href, onClick } = props.action;
  return (
    <main className="message-page">
      <Logo size={56} />
      <h1>{props.title}</h1>
      <p>{props.text}</p>
      {href ? <Button href={href}>{label}</Button> : <Button onClick={onClick}>{label}</Button>}
    </main>
  );
}
