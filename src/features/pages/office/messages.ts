import { largestPicture } from '@/store/attachments'

export const en = {
  title: 'Office',
  lead: 'Stands at the head and foot of every letter, and is what new cases begin with. Kept in this browser only.',
  name: 'Name',
  region: 'Region',
  regionExample: 'the county or watershed you serve',
  address: 'Address and hours',
  disclaimer: 'Words at the foot of every letter',
  device: 'Letter of this device in sample codes',
  deviceExample: 'chosen with the first sample',
  deviceEcho: 'one for each device, so that two without network never make the same code',
  people: 'Initials of the people who sign',
  peopleExample: 'MV, TB',
  signs: (who: string) => `signing: ${who}`,
  logo: 'Logo on letters',
  chooseLogo: 'Choose a picture',
  otherLogo: 'Another picture',
  removeLogo: 'Without a logo',
  logoFaults: {
    'too-large': `That picture is over ${largestPicture / 1e6} MB. Save a smaller one, like 600 × 200 pixels.`,
    svg: 'SVG pictures can carry programs, so they are not taken. Save the logo as PNG.',
    'not-a-picture': 'That is not a PNG, JPEG or WebP picture.',
    broken: 'That picture is damaged and cannot be drawn.',
    refused: 'This browser refuses to keep the picture. The logo stays as it was.',
  },
  defaults: 'New cases begin with',
  guide: 'Guide, until a report names its extractant',
  desk: 'To the Desk',
  damaged:
    'What is kept of the office is damaged. What can be read of it stands below; the first thing that you type here writes it anew. To have the rest first:',
  unread:
    'What is kept of your office cannot be read just now, so nothing is shown to be changed here. It is not gone. Close other tabs of Agrologos, or wait a moment, and load this page again.',
  refused:
    'This browser refuses to keep the office (no room left?). It is safe on this page until you close it; a backup holds it as typed.',
  saveBackup: 'Save a backup',
  schools: 'Where practitioners disagree',
  schoolsLead:
    'What new cases begin with. A case can take another school under Amounts; the letter says which was used.',
} as const
