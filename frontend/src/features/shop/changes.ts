const words: Record<string, string> = {
  'shop.opened': 'opened the shop',
  'account.added': 'made the account of',
  'account.changed': 'changed the account of',
  'account.locked': 'locked out',
  'account.unlocked': 'let in again',
  'account.leads': 'gave the lead to',
  'account.leads_no_more': 'took the lead from',
  'account.password': 'set the password of',
  'account.password_link': 'gave a password link to',
  'account.pin_set': 'set the PIN of',
  'account.pin_removed': 'removed the PIN of',
  'account.pin_off': 'switched off after ten wrong tries: the PIN of',
  'account.signed_out': 'signed out everywhere',
  'settings.shop': 'changed name and address',
  'settings.orders': 'changed the figures that orders are made with',
  'settings.hours': 'changed the working hours',
  'settings.season': 'changed the season',
  'settings.wrenches': 'changed the torque wrenches',
  'settings.waste': 'changed the waste containers',
  'settings.places': 'changed where the work is done',
  'settings.logo': 'changed the logo',
  'policy.due': 'changed when something is due',
  'policy.schools': 'changed the schools',
  'policy.answers': 'changed what may be seen',
}

/** An action of the trail as people say it. */
export function changeWords(action: string): string {
  return words[action] ?? action.replace(/[._]/g, ' ')
}
